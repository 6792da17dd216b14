{{-- Which kinds a name may mean that is none; and the way on where it is something else. --}}
@php
    $here = '/'.ltrim(Str::after($kindAddress, url('/')), '/');
    $back = $count === null ? $here : $here.'?pick=1&from=new';
@endphp
<div class="mt-3" role="group" aria-labelledby="likely-kinds">
    <p id="likely-kinds">{{ __('gather/kinds.unknown', ['name' => $asked]) }}
        @if ($likely !== []) {{ __('gather/kinds.likely') }} @endif</p>
    <div class="mt-2 flex flex-wrap gap-2">
        @foreach ($likely as $one)
            <button class="button small" name="kind" value="{{ $one->id }}" formmethod="get"
                formaction="{{ $kindAddress }}" formnovalidate hx-get="{{ $kindAddress }}"
                hx-target="{{ $kindTarget }}" hx-swap="outerMorph" hx-vals='{"kind": "{{ $one->id }}"}'
                hx-include="#f-name, #f-named-by, #f-price, #f-pieces, #f-free, #f-source, #f-place, #f-got-on,
                    #f-quantity, #thing [name='pick'], #thing [name='from']">
                <x-glyph :lane="$one->category" :kind="$one" class="mr-1.5 size-5" />{{ $one->name }}</button>
        @endforeach
        <a class="button small go" id="something-else"
            href="{{ route('kinds.create', ['name' => $asked, 'back' => $back]) }}">
            {{ __('gather/kinds.something-else-named', ['name' => $asked]) }}</a>
    </div>
</div>

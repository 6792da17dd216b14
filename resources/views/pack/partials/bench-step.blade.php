<p class="text-ink-soft">
    {{ __('pack/bench.where-it-stands', ['box' => $box->theme, 'step' => $bench->at + 1, 'all' => $bench->steps(),
        'left' => trans_choice('pack/bench.minutes', $bench->minutesLeft())]) }}
</p>
<h1 @class(['bench-name', 'of-two' => $step->isOfTwo()])>{{ $step->name() }}</h1>
@foreach ($step->lotsWithPhoto() as $shown)
    <img class="bench-photo" src="{{ route('lots.photo', $shown) }}"
        alt="{{ __('gather/stash.photo.alt', ['name' => $shown->name]) }}">
@endforeach
<p class="bench-text" data-says>{{ $step->says() }}</p>
@php($isOnTable = $step->isOnTable())
@if ($isOnTable !== null)
    <p @class(['mt-2', 'text-ok' => $isOnTable, 'text-mend font-semibold' => ! $isOnTable])>
        {{ __('pack/bench.role.'.($isOnTable ? 'on-table' : 'not-on-table')) }}</p>
@endif
@php($tasks = $step->tasks())
@if ($tasks !== [])
    <p class="mt-3 font-semibold">
        {{ __('pack/bench.before', ['tasks' => implode(', ', $tasks)]) }}
    </p>
@endif
@if (isset($bench->moves[$bench->at + 1]) && $bench->refused === null)
    <p class="mt-3 text-ink-soft">
        {{ __('pack/bench.then', ['says' => $bench->step($bench->moves[$bench->at + 1])->says()]) }}</p>
@endif
@if (! $bench->isNow())
    <p class="mt-3">{{ __('pack/bench.looking') }}
        <a class="link" href="{{ route('bench', $box) }}" hx-get="{{ route('bench', $box) }}" hx-target="#bench"
            hx-swap="outerMorph">{{ __('pack/bench.to-now') }}</a></p>
@elseif ($bench->refused !== null)
    <div class="cut mt-4 grid gap-3 p-4" id="refused">
        @if ($bench->asksWhich())
            <p class="text-xl font-semibold">{{ __('pack/bench.which') }}</p>
            <p class="flex flex-wrap gap-2.5">
                @foreach ($step->things() as $id => $name)
                    @php($address = route('bench', [$box, 'refused' => $id]))
                    <a class="button bench-button" href="{{ $address }}" hx-get="{{ $address }}" hx-target="#bench"
                        hx-swap="outerMorph" data-key="{{ 'ab'[$loop->index] }}">{{ $name }}
                        <kbd aria-hidden="true">{{ 'AB'[$loop->index] }}</kbd></a>
                @endforeach
            </p>
        @elseif ($bench->how === null)
            <p class="text-xl font-semibold">
                {{ __('pack/bench.how.asked', ['name' => $bench->sheet->packing->nameOf($bench->refused)]) }}</p>
            <p class="flex flex-wrap gap-2.5">
                @foreach ($bench->refusals() as $how)
                    @php($address = route('bench', [$box, 'refused' => $bench->refused, 'how' => $how->value]))
                    <a class="button bench-button" href="{{ $address }}" hx-get="{{ $address }}" hx-target="#bench"
                        hx-swap="outerMorph" data-key="{{ 'abcd'[$loop->index] }}">
                        {{ __("pack/bench.how.{$how->value}") }}
                        <kbd aria-hidden="true">{{ 'ABCD'[$loop->index] }}</kbd></a>
                @endforeach
            </p>
        @else
            <p class="text-xl font-semibold">{{ __('pack/bench.ways.heading') }}</p>
            @include('pack.partials.bench-ways', ['keys' => 'abc'])
            @php($more = route('bench', [$box, 'refused' => $bench->refused, 'how' => $bench->how->value,
                'more' => 1]))
            <div id="further" hx-get="{{ $more }}" hx-trigger="load" hx-swap="outerHTML">
                <noscript><a class="link" href="{{ $more }}">{{ __('pack/bench.ways.more') }}</a></noscript>
            </div>
        @endif
        <p><a class="link" data-key="escape" href="{{ route('bench', $box) }}" hx-get="{{ route('bench', $box) }}"
            hx-target="#bench" hx-swap="outerMorph">{{ __('pack/bench.how.never-mind') }}</a></p>
    </div>
@endif

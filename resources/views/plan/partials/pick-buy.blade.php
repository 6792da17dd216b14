@php($toBuy = $picker->toBuy($sheet->plan))
<x-wrong name="quantity" bag="pick" />
@if ($toBuy === [])
    <p>Everything the guide asks for is in the box or on its list.</p>
@else
    <form method="post" action="{{ route('pieces.from-guide', $sheet->box) }}"
        hx-post="{{ route('pieces.from-guide', $sheet->box) }}" hx-target="#sheet" hx-swap="outerMorph" class="mb-2">
        {{ $stateFields }}
        <button class="button go" id="list-all" data-focus>Put all {{ count($toBuy) }} on the list to buy</button>
    </form>
    <ul>
        @foreach ($toBuy as [$kind, $count])
            <li class="flex items-center gap-2.5 border-t-[1.5px] border-line py-2">
                <x-glyph :lane="$kind->category" :$kind class="size-6 shrink-0" />
                <span class="grow">{{ $kind->name }}</span>
                <form method="post" action="{{ route('pieces.store', $sheet->box) }}"
                    hx-post="{{ route('pieces.store', $sheet->box) }}" hx-target="#sheet" hx-swap="outerMorph"
                    class="flex items-center gap-1">
                    {{ $stateFields }}
                    <input type="hidden" name="buy" value="{{ $kind->id }}">
                    <label class="sr-only" for="buy-{{ $kind->id }}">How many: {{ $kind->name }}</label>
                    <input class="count" id="buy-{{ $kind->id }}" type="number" name="quantity" min="1" max="100"
                        required value="{{ $count }}">
                    <button class="button small">List<span class="sr-only"> {{ $kind->name }}</span></button>
                </form>
            </li>
        @endforeach
    </ul>
@endif

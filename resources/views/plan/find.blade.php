<x-layout title="Find">
    <h1 class="pb-3">Find</h1>
    <form action="{{ route('find') }}" class="grid max-w-2xl grid-cols-[1fr_auto] gap-2 pb-5">
        <label class="sr-only" for="find-here">What to find</label>
        <input class="input" id="find-here" type="search" name="q" maxlength="80" value="{{ $search }}"
            placeholder="A theme, a piece, a shop, a giver" autocomplete="off" @if ($search === '') autofocus @endif>
        <button class="button go">Find</button>
    </form>
    @if ($search !== '' && $boxes->isEmpty() && $lots->isEmpty() && $inside->isEmpty())
        <p>Nothing goes by “{{ $search }}”. Try fewer letters.</p>
    @endif
    @if ($boxes->isNotEmpty())
        <h2 class="pb-1.5">Boxes</h2>
        <ul class="cut mb-5 max-w-2xl px-4 py-1">
            @foreach ($boxes as $box)
                <li class="border-b-[1.5px] border-line py-2 last:border-b-0">
                    <a class="font-semibold" href="{{ route('boxes.show', $box) }}">{{ $box->theme }}</a>
                    <span class="text-ink-soft">box {{ $box->number }}, {{ __("people.{$box->gender->value}") }}
                        {{ $box->recipient()->band->label() }}, {{ __("plan/stages.{$box->stage->value}.name") }}</span>
                </li>
            @endforeach
        </ul>
    @endif
    @if ($inside->isNotEmpty())
        <h2 class="pb-1.5">Inside something else</h2>
        <ul class="cut mb-5 max-w-2xl px-4 py-1">
            @foreach ($inside as $lot)
                <li class="border-b-[1.5px] border-line py-2 last:border-b-0">
                    <a class="font-semibold" href="{{ route('lots.edit', $lot) }}">{{ $lot->name }}</a>
                    <span class="text-ink-soft">holds
                        {{ str_replace("\n", ', ',
                            $write->contents($lot->thing()->inside))
                            }}@foreach ($lot->setAsidePieces as $piece); {{ $piece->quantity }} in
                                <a href="{{ route('boxes.show',
                                    $piece->box) }}">{{ $piece->box->theme }}</a>@endforeach</span>
                </li>
            @endforeach
        </ul>
    @endif
    @if ($lots->isNotEmpty())
        <h2 class="pb-1.5">In the stash</h2>
        <ul class="cut max-w-2xl px-4 py-1">
            @foreach ($lots as $lot)
                <li class="flex items-center gap-2.5 border-b-[1.5px] border-line py-2 last:border-b-0">
                    <x-glyph :lane="$lot->itemKind()->category" :kind="$lot->itemKind()"
                        class="size-6 shrink-0" /><span><a class="font-semibold"
                        href="{{ route('lots.edit', $lot) }}">{{ $lot->name }}</a>
                        <span class="text-ink-soft">{{ $lot->stock()->onHand() }} on hand,
                            {{ $lot->cameFrom() }}@if ($lot->kept), kept: {{ $lot->kept }}@endif
                            @foreach ($lot->setAsidePieces as $piece); {{ $piece->quantity }} in
                                <a href="{{ route('boxes.show',
                                    $piece->box) }}">{{ $piece->box->theme }}</a>@if (isset($nested[$piece->id])),
                                    inside {{ $nested[$piece->id] }}@endif @endforeach</span></span>
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>

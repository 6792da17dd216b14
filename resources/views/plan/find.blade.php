<x-layout :title="__('plan/views/find.find')">
    <h1 class="pb-3">{{ __('plan/views/find.find') }}</h1>
    <form action="{{ route('find') }}" class="grid max-w-2xl grid-cols-[1fr_auto] gap-2 pb-5">
        <label class="sr-only" for="find-here">{{ __('plan/views/find.what-to-find') }}</label>
        <input class="input" id="find-here" type="search" name="q" maxlength="80" value="{{ $search }}"
            placeholder="{{ __('plan/views/find.a-theme-a-piece-a') }}" autocomplete="off" @if ($search === '')
                autofocus @endif>
        <button class="button go">{{ __('plan/views/find.find') }}</button>
    </form>
    @if ($search !== '' && $boxes->isEmpty() && $lots->isEmpty() && $inside->isEmpty())
        <p>{{ __('plan/views/find.nothing-goes-by-search-try', ['search' => $search]) }}</p>
    @endif
    @if ($boxes->isNotEmpty())
        <h2 class="pb-1.5">{{ __('plan/views/find.boxes') }}</h2>
        <ul class="cut mb-5 max-w-2xl px-4 py-1">
            @foreach ($boxes as $box)
                <li class="border-b-[1.5px] border-line py-2 last:border-b-0">
                    <a class="font-semibold" href="{{ route('boxes.show', $box) }}">{{ $box->theme }}</a>
                    <span class="text-ink-soft">{{ __('plan/views/find.box-number-value-band-value2', [
                        'number' => $box->number,
                        'value' => __("people.{$box->gender->value}"),
                        'band' => $box->recipient()->band->label(),
                        'value2' => __("plan/stages.{$box->stage->value}.name"),
                    ]) }}</span>
                </li>
            @endforeach
        </ul>
    @endif
    @if ($inside->isNotEmpty())
        <h2 class="pb-1.5">{{ __('plan/views/find.inside-something-else') }}</h2>
        <ul class="cut mb-5 max-w-2xl px-4 py-1">
            @foreach ($inside as $lot)
                <li class="border-b-[1.5px] border-line py-2 last:border-b-0">
                    <a class="font-semibold" href="{{ route('lots.edit', $lot) }}">{{ $lot->name }}</a>
                    <span class="text-ink-soft">{{ __('plan/views/find.holds-inside', [
                        'inside' => str_replace("\n", ', ',
                            $write->contents($lot->thing()->inside)),
                    ]) }}@foreach ($lot->setAsidePieces as $piece){{ __('plan/views/find.quantity-in', [
                        'quantity' => $piece->quantity,
                    ]) }}
                                <a href="{{ route('boxes.show',
                                    $piece->box) }}">{{ $piece->box->theme }}</a>@endforeach</span>
                </li>
            @endforeach
        </ul>
    @endif
    @if ($lots->isNotEmpty())
        <h2 class="pb-1.5">{{ __('plan/views/find.in-the-stash') }}</h2>
        <ul class="cut max-w-2xl px-4 py-1">
            @foreach ($lots as $lot)
                <li class="flex items-center gap-2.5 border-b-[1.5px] border-line py-2 last:border-b-0">
                    <x-glyph :lane="$lot->itemKind()->category" :kind="$lot->itemKind()"
                        class="size-6 shrink-0" /><span><a class="font-semibold"
                        href="{{ route('lots.edit', $lot) }}">{{ $lot->name }}</a>
                        <span class="text-ink-soft">{{ __('plan/views/find.here-on-hand-from', [
                            'here' => $lot->stock()->onHand(),
                            'from' => $lot->cameFrom(),
                        ]) }}@if ($lot->kept){{ __('plan/views/find.kept-kept', ['kept' => $lot->kept]) }}@endif
                            @foreach ($lot->setAsidePieces as $piece){{ __('plan/views/find.quantity-in', [
                                'quantity' => $piece->quantity,
                            ]) }}
                                <a href="{{ route('boxes.show',
                                    $piece->box) }}">{{ $piece->box->theme }}</a>@if (isset($nested[$piece->id])){{
                                        __('plan/views/find.inside-id', [
                                        'id' => $nested[$piece->id],
                                    ]) }}@endif @endforeach</span></span>
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>

@php($isNow = $move !== null && $bench->isNow() && ! $bench->isAllIn())
<div class="mt-5 flex flex-wrap gap-3">
    @if ($isNow && $bench->refused === null)
        <form data-goes-in method="post" action="{{ route('bench.press', $box) }}"
            hx-post="{{ route('bench.press', $box) }}" hx-target="#bench" hx-swap="outerMorph"
            hx-sync="#bench:queue all">
            @csrf<x-once />
            <input type="hidden" name="kind" value="in">
            <input type="hidden" name="piece" value="{{ $move->first()->id }}">
            <input type="hidden" name="saw" value="{{ $bench->bench->version }}">
            <button class="button go bench-button" data-key=" "><span data-in>{{ $step->saysIn() }}</span>
                <kbd aria-hidden="true">{{ __('pack/views/partials/bench-buttons.space') }}</kbd></button>
        </form>
        @if ($step->mayBeRefused())
            @php($refuse = route('bench', [$box, 'refused' => $step->refused()]))
            <a class="button bench-button" data-key="x" href="{{ $refuse }}" hx-get="{{ $refuse }}"
                hx-target="#bench" hx-swap="outerMorph">{{ $step->saysRefused() }}
                <kbd aria-hidden="true">X</kbd></a>
        @endif
    @endif
    @if ($bench->done > 0)
        <form method="post" action="{{ route('bench.press', $box) }}" hx-post="{{ route('bench.press', $box) }}"
            hx-target="#bench" hx-swap="outerMorph" hx-sync="#bench:queue all">
            @csrf<x-once />
            <input type="hidden" name="kind" value="back">
            <input type="hidden" name="saw" value="{{ $bench->bench->version }}">
            <button class="button bench-button" data-key="u">{{ __('pack/bench.back') }}
                <kbd aria-hidden="true">U</kbd></button>
        </form>
    @endif
</div>
<p class="mt-3 flex flex-wrap gap-4">
    @php($ways = [['behind', 'k', $away - 1, $bench->at > 0], ['ahead', 'j', $away + 1,
        $bench->at < $bench->steps() - 1]])
    @foreach ($ways as [$way, $key, $by, $may])
        @if ($may)
            <a class="link" data-key="{{ $key }}" href="{{ $look($by) }}" hx-get="{{ $look($by) }}" hx-target="#bench"
                hx-swap="outerMorph">{{ __("pack/bench.{$way}") }}
                <kbd aria-hidden="true">{{ strtoupper($key) }}</kbd></a>
        @endif
    @endforeach
    @if (! $bench->isAllIn())
        <a class="link" href="{{ route('bench', [$box, 'role' => 'fetch']) }}">{{ __('pack/bench.role.fetch') }}</a>
    @endif
    <button type="button" class="link" data-speaks aria-pressed="false" hidden>{{ __('pack/bench.speak') }}</button>
</p>

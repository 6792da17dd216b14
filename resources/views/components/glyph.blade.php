@props(['lane', 'kind' => null, 'class' => ''])

{{-- One small drawing a kind, or its lane's, on the lane's tile; the word always stands beside it. --}}
<svg class="drawn lane-{{ $lane->value }} {{ $class }}" viewBox="0 0 24 24" aria-hidden="true" focusable="false">
    <path class="lane-tile"
        d="M5 2.4 19.4 2q2.7.2 2.4 3l.4 13.6q-.2 3.4-3.4 3.2L5.4 22Q2 21.8 2.2 18.4L1.9 5.6Q2 2.7 5 2.4Z" />
    <path class="pen-edge" d="{{ $glyphs->of($lane, $kind) }}" />
</svg>

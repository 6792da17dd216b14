@props(['flags', 'width' => 104, 'class' => ''])

{{-- Flags: a string of pennants; berry for what must be mended, marigold for what is to be asked, plain where nothing
     is wrong. --}}
@php
    $toMend = count($flags->toMend());
    $pennants = max(3, min(6, count($flags)));
@endphp
<svg class="drawn {{ $class }}" width="{{ $width }}" viewBox="0 0 110 36" aria-hidden="true" focusable="false">
    <path class="pen" d="M2 6Q55 20 108 6" />
    @for ($pennant = 0; $pennant < $pennants; $pennant++)
        @php($x = round(14 + $pennant * 78 / max(1, $pennants - 1), 1))
        <path class="{{ $pennant < $toMend ? 'flag-up' : ($pennant < count($flags) ? 'flag-ask' : 'flag-down') }}"
            d="M{{ $x - 6 }} {{ 11.5 - round(abs($x - 55) / 16, 1) }}h12.5l-6.3 16z" />
    @endfor
</svg>

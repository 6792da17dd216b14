@props(['room', 'width' => 84, 'class' => ''])

{{-- Room: the box from the side, as full as it is, with what stands proud of the lid line. --}}
@php
    $level = round(min(1, $room->fill) * 46, 1);
    $isTried = $room->result !== null;
@endphp
<svg class="drawn {{ $class }}" width="{{ $width }}" viewBox="0 0 96 70" aria-hidden="true" focusable="false">
    <path class="pen-card" d="M10 16V64q0 2 2 2H84q2 0 2-2V16" />
    @if ($isTried)
        <rect class="air" x="11.5" y="{{ 64.5 - $level }}" width="73" height="{{ $level }}" />
        @if ($room->proudMm > 1 || ! $room->closesOverAll())
            <path class="{{ $room->closesOverAll() ? 'dome' : 'dome-over' }}"
                d="M26 17q22-{{ $room->closesOverAll() ? 18 : 30 }} 44 0Z" />
        @endif
    @elseif ($room->state->value === 'not-tried')
        <path class="pen dashed" d="M24 56 72 28M24 28 72 56" />
    @endif
    <path class="pen dashed" d="M3 16H93" />
</svg>

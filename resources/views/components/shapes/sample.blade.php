@props(['gauge'])

{{-- Each gauge's own shape, where there is no box yet to show it of. --}}
<svg {{ $attributes->class('drawn') }} viewBox="0 0 120 48" aria-hidden="true" focusable="false">
    @switch ($gauge)
        @case ('must-haves')
            @foreach ([1, 1, 1, 0, 1, 1] as $in)
                <rect class="{{ $in ? 'peg-in' : 'peg-out' }}" x="{{ 6 + $loop->index * 18 }}" y="{{ $in ? 10 : 26 }}"
                    width="11" height="{{ $in ? 30 : 14 }}" rx="3" />
            @endforeach
            <path class="pen" d="M2 40.5h112" />
            @break
        @case ('money')
            @foreach (['lead' => 28, 'school' => 18, 'care' => 15, 'wear' => 24] as $lane => $width)
                <rect class="tape-part lane-{{ $lane }}"
                    x="{{ 4 + ['lead' => 0, 'school' => 28, 'care' => 46, 'wear' => 61][$lane] }}" y="16"
                    width="{{ $width }}" height="18" />
            @endforeach
            <rect class="pen" x="4" y="16" width="112" height="18" rx="4" />
            @break
        @case ('room')
            <path class="pen-card" d="M24 14v30h72V14" /><path class="air" d="M25 20h70v23H25z" /><path class="dome"
                d="M36 14q16-14 32 0z" /><path class="pen dashed" d="M14 14h92" />
            @break
        @default
            <path class="pen" d="M4 10q56 16 112 0" /><path class="flag-up" d="m22 14 15 2-8 20z" /><path
                class="flag-down" d="m53 17 15 0-8 20zm31-1 15-2-7 20z" />
    @endswitch
</svg>

@props(['money', 'width' => 300, 'height' => 16, 'class' => ''])

{{-- Money: a tape as long as the budget, with a length cut for each lane and the last for the shipping gift. --}}
@php($tape = $money->tape($width - 2))
<svg class="drawn max-w-full {{ $class }}" width="{{ $width }}" height="{{ $height + 2 }}"
    viewBox="0 0 {{ $width }} {{ $height + 2 }}" aria-hidden="true" focusable="false">
    <rect class="pen-card" x="1" y="1" width="{{ $width - 2 }}" height="{{ $height }}" rx="3" />
    @foreach ($tape->lengths as $length)
        <rect class="{{ $length['lane'] === null ? 'tape-gift' : "tape-part lane-{$length['lane']}" }}"
            x="{{ 1 + $length['from'] }}" y="1" width="{{ $length['width'] }}" height="{{ $height }}" />
    @endforeach
    @if ($tape->budgetAt !== null && $money->isOver())
        <path class="tape-over" d="M{{ 1 + $tape->budgetAt }} -2v{{ $height + 6 }}" />
    @endif
    <rect class="pen" x="1" y="1" width="{{ $width - 2 }}" height="{{ $height }}" rx="3" />
</svg>

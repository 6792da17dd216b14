@props(['stock', 'lane', 'width' => 96])

{{-- A lot as a bar: filled for what is on hand, hatched away for what is set aside. --}}
@php($onHand = round($stock->onHand() / max(1, $stock->pieces - $stock->gone) * ($width - 2), 1))
<svg class="drawn shrink-0 lane-{{ $lane->value }}" width="{{ $width }}" height="13" viewBox="0 0 {{ $width }} 13"
    aria-hidden="true" focusable="false">
    <rect class="pen-card" x="1" y="1" width="{{ $width - 2 }}" height="11" rx="2.5" />
    @if ($onHand > 0)
        <rect class="tape-part" x="1" y="1" width="{{ $onHand }}" height="11" rx="2.5" />
    @endif
</svg>

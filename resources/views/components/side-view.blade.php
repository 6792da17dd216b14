@props(['sheet'])

@php
    $elevation = $sheet->packing->elevation();
    $resting = $sheet->packing->restingElevation();
    // Above the lid line stands a word where something rests higher.
    $words = $elevation->height() + ($resting === null ? 0 : 26);
    $high = max($words, $elevation->top(), $resting?->top() ?? 0) + 6;
@endphp
<svg {{ $attributes->class('drawn') }} role="img"
    aria-label="{{ __('components/side-view.the-box-from-the-front', [
        'height' => $write->length((int) round(10 * $elevation->height())),
    ]) }}"
        viewBox="-14 {{ -$high }}
    {{ $elevation->length() + 84 }} {{ $high + 6 }}">
    <g transform="scale(1 -1)"><x-elevation :$sheet />@foreach ($resting->blocks ?? [] as $block)<rect
        class="block-resting" x="{{ $block['x'] }}" y="{{ $block['z'] }}" width="{{ $block['l'] }}"
        height="{{ $block['h'] }}" />@endforeach</g>
    <path class="lid-line" d="M-10 {{ -$elevation->height() }}H{{ $elevation->length() + 10 }}" />
    @if ($resting !== null)
        <text class="drawn-words" x="{{ $elevation->length() + 15 }}" y="{{ -$elevation->height() - 14 }}">{{
            __('components/side-view.at-rest') }}</text>
    @endif
    <text class="drawn-words" x="{{ $elevation->length() + 15 }}" y="{{ 5 - $elevation->height() }}">{{
        __('components/side-view.lid-line') }}</text>
</svg>

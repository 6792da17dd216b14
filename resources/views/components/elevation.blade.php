@props(['sheet'])

{{-- The box from the front, in millimetres; the group that holds it turns z upwards. --}}
@php($elevation = $sheet->packing->elevation())
<polygon class="block-outline"
    points="{{ implode(' ', array_map(fn (array $corner) => implode(',', $corner), $elevation->walls)) }}" />
@foreach ($elevation->blocks as $block)
    <rect class="block lane-{{ $sheet->packing->laneOf($block['piece'])->value }}"
        x="{{ $block['x'] }}" y="{{ $block['z'] }}" width="{{ $block['l'] }}" height="{{ $block['h'] }}" />
@endforeach
<polyline class="block-wall"
    points="{{ implode(' ', array_map(fn (array $corner) => implode(',', $corner), $elevation->walls)) }}" />

@props(['sheet', 'class' => ''])

{{-- A box on its shelf, cut away at the front: the lid leans beside it while it is open, and lies on it once it is
     packed. --}}
@php
    $elevation = $sheet->packing->elevation();
    $isShut = ! $sheet->box->stage->isOpen();
    $lid = $sheet->box->palette->colours[0]->hex ?? null;
    [$length, $height] = [$elevation->length(), $elevation->height()];
    $who = __("people.{$sheet->box->gender->value}").' '.$sheet->box->recipient()->band->label();
    $bands = $sheet->gauges->room->bands ?: 1;
@endphp
<svg class="drawn {{ $class }}" viewBox="-42 -138 402 138" preserveAspectRatio="xMinYMax meet" aria-hidden="true"
    focusable="false">
    @unless ($isShut)
        <path class="lid {{ $lid ? '' : 'lid-plain' }}" @if ($lid) fill="{{ $lid }}" @endif
            d="M-18 0-34-96l15-3L-6 0Z" />
    @endunless
    <g transform="scale(1 -1)"><x-elevation :$sheet /></g>
    @if ($isShut)
        <path class="lid {{ $lid ? '' : 'lid-plain' }}" @if ($lid) fill="{{ $lid }}" @endif
            d="M-9 {{ -$height - 8 }}h{{ $length + 18 }}v30h-{{ $length + 18 }}z" />
        @for ($band = 1; $band <= $bands; $band++)
            <path class="band" stroke-width="6"
                d="M{{ round($length * $band / ($bands + 1), 1) }} {{ -$height - 8 }}V0" />
        @endfor
    @endif
    <path class="tag" d="M{{ $length - 168 }}-46H{{ $length }}v36H{{ $length - 168 }}l12-18z" />
    <text class="tag-words" font-size="26" text-anchor="end" x="{{ $length - 9 }}" y="-19">{{ $who }}</text>
</svg>

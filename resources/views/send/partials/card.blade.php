{{-- A card as it will be printed: black on white in either scheme, at its size in millimetres. --}}
<div class="printed-card printed-{{ $sheet->card->value }}">
    @if ($photo)<img class="photo" src="{{ $photo }}" alt="{{ __('send/note.photo-there') }}">@endif
    @if ($drawing)<div class="col-span-2 drawing" aria-hidden="true">{!! $drawing !!}</div>@endif
    <div class="col-span-2 min-w-0">
        <p @class(['font-bold leading-tight', 'text-3xl' => $sheet->card->value === 'label', 'text-xl' =>
            $sheet->card->value !== 'label'])><bdi>{{ $first->heading }}</bdi></p>
        @foreach ($first->lines as $line)<p class="text-sm"><bdi>{{ $line }}</bdi></p>@endforeach
    </div>
    @if ($first->code)
        <div class="self-end pr-4">
            <p class="text-xl font-bold tabular">{{ $first->code->text }}</p>
            <svg class="bars" viewBox="0 0 {{ $marks->wide }} 1" preserveAspectRatio="none" aria-hidden="true"
                focusable="false"><path d="{{ $marks->bars }}" /></svg>
        </div>
        <svg class="marks" viewBox="0 0 {{ $marks->side }} {{ $marks->side }}" aria-hidden="true"
            focusable="false"><path d="{{ $marks->square }}" /></svg>
    @endif
</div>

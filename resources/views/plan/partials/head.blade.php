<div class="flex flex-wrap items-end justify-between gap-x-6 gap-y-3 pb-3">
    <div class="min-w-72 flex-1">
        <h1>{{ $sheet->box->theme }}</h1>
        <p class="text-ink-soft">
            {{ __('plan/views/partials/head.box-number-value-band-name', [
                'number' => $sheet->box->number,
                'value' => __("people.{$sheet->box->gender->value}"),
                'band' => $sheet->box->recipient()->band->label(),
                'name' => mb_strtolower($sheet->plan->boxKind->name),
                'measures' => $write->insideOf($sheet->plan->boxKind),
                'carton' => trans_choice('plan/boxes.to-a-carton', $sheet->toACarton()),
            ]) }}
            @unless ($sheet->plan->isWithinLimit())
                · <b class="text-mend">{{ __('plan/boxes.too-large') }}</b>
            @endunless
            @if ($sheet->box->palette->colours !== [])
                · <x-swatches :palette="$sheet->box->palette" /> {{ $sheet->colourNames() }}
            @endif
            @if ($sheet->box->handedIn()) ·
                <b class="text-ink">{{ __('plan/boxes.handed-in-day',
                    ['day' => $sheet->box->handedIn()->at->format('j M Y')]) }}</b>@endif
        </p>
        <div class="mt-1 flex flex-wrap items-baseline gap-x-6">
            <x-next-step :next="$sheet->next()" :about="$sheet->box->theme" here />
            <p class="flex flex-wrap gap-x-3.5">
                @unless ($sheet->box->handedIn())
                    <a class="link" href="{{ route('boxes.edit', $sheet->box) }}">{{
                        __('plan/views/partials/head.change') }}</a>
                @endunless
                <a class="link" href="{{ route('boxes.ledger', $sheet->box) }}">{{
                    __('plan/views/partials/head.ledger') }}</a>
                <a class="link" href="{{ route('boxes.prepare', $sheet->box) }}">{{
                    __('plan/views/partials/head.prepare') }}</a>
                <a class="link" href="{{ route('boxes.note', $sheet->box) }}">{{ __('send/note.title') }}</a>
            </p>
        </div>
    </div>
    <div class="flex flex-wrap gap-2.5">
        <a class="button" href="{{ route('boxes.check-sheet', $sheet->box) }}">{{
            __('plan/views/partials/head.print-the-check-sheet') }}</a>
        @if ($sheet->box->stage->isOpen())
            <a class="button go" id="pick" data-key="p" data-focus
                @toPicker(route('boxes.show', [$sheet->box, 'pick' => 1]))>
                {{ __('plan/views/partials/head.pick-a-piece') }} <kbd aria-hidden="true">P</kbd>
            </a>
        @endif
    </div>
</div>

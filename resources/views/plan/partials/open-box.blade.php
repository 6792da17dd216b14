<section class="cut px-4 py-3 wide:sticky wide:top-3" aria-labelledby="open-box" id="box-drawn" @if ($isLate ?? false)
    hx-swap-oob="true" @endif>
    <h2 id="open-box">{{ __('plan/views/partials/open-box.open-box') }}</h2>
    <p class="text-ink-soft">{{ trim($sheet->packing->inShort().' '.$sheet->packing->rises()) }}</p>
    <x-open-box :drawing="$sheet->packing->drawing()" class="my-2 max-h-[24rem] w-full" />
    <x-side-view :$sheet class="w-full" />

    @if ($sheet->gauges->room->leftOut !== [])
        <h3 class="mt-3 text-mend">{{ __('plan/views/partials/open-box.stays-out') }}</h3>
        <ul class="text-mend">
            @foreach ($write->gauges($sheet->gauges)->leftOut() as $out)
                <li>{{ $out }}</li>
            @endforeach
        </ul>
    @endif

    @if ($sheet->packing->order() !== [])
        <p class="mt-3">
            <a class="link" href="{{ route('boxes.fit', $sheet->box) }}">{{
                __('plan/views/partials/open-box.step-by-step-layer-by') }}</a>
        </p>
        @if ($sheet->box->stage->value === 'ready')
            <h3 class="mt-3">{{ __('plan/views/partials/open-box.in-which-order-it-goes') }}</h3>
            <ol class="steps-list mt-2">
                @foreach ($sheet->packing->moves() as $move)
                    <li><b class="tabular">{{ $move->step }}.</b> {{ $sheet->packing->saysMove($move) }}</li>
                @endforeach
            </ol>
        @endif
    @endif
</section>

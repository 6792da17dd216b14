@php
    [$flags, $missing] = [$sheet->gauges->flags, $sheet->gauges->missing];
    $overruled = [...$flags->overruled, ...$missing->overruled];
    // What is not there: needs, which stand in their lanes too, and what a thing in the box is no use without.
    $without = $missing->all;
    $groups = [
        [__('plan/flags.to-mend'), $flags->toMend()->all],
        [__('plan/flags.to-ask'), $flags->toAsk()->all],
    ];
    $tips = $flags->tips()->all;
    $several = $sheet->box->stage->isOpen() && $sheet->canBeLeft() > 1;
    // What to tick stands above where it is sent off, in sight or folded away with it.
    $onlyTips = array_filter([...$flags->toMend()->all, ...$flags->toAsk()->all, ...$without],
        fn ($finding) => $finding->canBeOverruled) === [];
@endphp
@if (count($flags) > 0 || $without !== [] || $overruled !== [])
    <section class="cut mt-3.5 px-4 py-3" aria-labelledby="flags-list" id="flags">
        <div class="flex flex-wrap items-baseline justify-between gap-x-4">
            <h2 id="flags-list">{{ __('plan/flags.title') }}</h2>
            <p class="text-ink-soft">
                {{ __('plan/views/partials/flags.by') }} <a class="link"
                    href="{{ route('guides.show',
                        $sheet->plan->guide->edition->id) }}">{{ $sheet->plan->guide->edition->drive }}</a>{{
                            __('plan/views/partials/flags.guide-of-dated', [
                            'dated' => $sheet->plan->guide->edition->dated,
                        ]) }}<a class="link" href="{{ route('boxes.compare', $sheet->box) }}">{{
                            __('plan/views/partials/flags.compare') }}</a>{{
                            __('plan/views/partials/flags.and-by-public-figures-advice') }}
            </p>
        </div>
        @foreach ($groups as [$title, $findings])
            @if ($findings !== [])
                <h3 class="mt-3">{{ $title }}</h3>
                <ul>@foreach ($findings as $finding) @part('plan.partials.finding') @endforeach</ul>
            @endif
        @endforeach
        @if ($without !== [])
            <details class="mt-3"
                @if (array_filter($without,
                    fn ($finding) => $finding->pieces !== [] ||
                    $errors->hasBag($finding->anchor())) !== []) open
                    @endif id="not-there">
                <summary class="link">{{ trans_choice('plan/flags.not-there', count($without)) }}</summary>
                <ul>@foreach ($without as $finding) @part('plan.partials.finding') @endforeach</ul>
            </details>
        @endif
        @if ($tips !== [])
            <details class="mt-3"
                @if ($errors->getBags() !== []
                    && (($onlyTips && $errors->hasBag('several'))
                        || array_filter($tips, fn ($tip) => $errors->hasBag($tip->anchor())) !== [])) open @endif
                id="tips">
                <summary class="link">{{ trans_choice('plan/flags.tips', count($tips)) }}</summary>
                <ul>@foreach ($tips as $finding) @part('plan.partials.finding') @endforeach</ul>
                @if ($several && $onlyTips) @include('plan.partials.flags-several') @endif
            </details>
        @endif
        @if ($several && ! $onlyTips)
            @include('plan.partials.flags-several')
        @endif
        @if ($overruled !== [])
            <h3 class="mt-3">{{ trans_choice('plan/flags.kept-anyway', count($overruled)) }}</h3>
            <ul>
                @foreach ($overruled as $left)
                    @php($answer = $sheet->answerBehind($left))
                    <li class="flex flex-wrap items-baseline gap-x-3 border-t-[1.5px] border-line py-2">
                        <span class="min-w-0 grow"><b>{{ $say->about($left->finding) }}:</b>
                            {{ $say->why($left->finding) }}
                            <span class="text-ok">{{ __('plan/views/partials/flags.kept-because-because', [
                                'because' => $left->because,
                            ]) }}</span>
                            @if ($answer)<span
                                class="text-ink-soft">({{ __('plan/flags.answer-by', $answer) }})</span>@endif</span>
                        @if ($sheet->box->stage->isOpen())
                            @sheetForm(route('answers.destroy', $sheet->box), 'delete')
                                <input type="hidden" name="key" value="{{ $left->key }}">
                                <button class="button small">
                                    {{ __('plan/views/partials/flags.undo') }}<span class="sr-only">: {{
                                        $say->about($left->finding) }}</span></button>
                            @endSheetForm
                        @endif
                    </li>
                @endforeach
            </ul>
        @endif
    </section>
@endif

@php
    $bag = $finding->anchor();
    $answers = route('answers.store', $sheet->box);
    $about = $say->about($finding);
    $figures = $say->figures($finding);
    $wrong = $errors->hasBag($bag) ? $errors->getBag($bag)->first('because') : '';
@endphp
<li class="finding border-t-[1.5px] border-line py-2" id="{{ $bag }}">
    <div class="flex flex-wrap items-start gap-x-3 gap-y-1.5">
        <x-flag :weight="$finding->weight"
            class="{{ $finding->weight->mustBeMended() ? 'text-mend' : 'text-ink-soft' }}" />
        <p class="min-w-64 grow basis-0">
            <b>{{ $about }}.</b>
            <span @class(['text-mend' =>
                $finding->weight->mustBeMended()])><b>{{ __("plan/gauges.weights.{$finding->weight->value}") }}.</b>
                {{ $say->why($finding) }}</span> {{ $say->remedy($finding) }}
            @if ($figures !== '')<span
                class="block text-ink-soft tabular">{{ $figures }}</span>@endif
        </p>
        @if ($sheet->box->stage->isOpen())
            <div class="flex flex-wrap items-center gap-1.5">
                @foreach ($finding->remedies as $remedy) @part('plan.partials.remedy') @endforeach
                @php($meant = $say->meantByOnePress($finding))
                @if ($meant !== '')
                    @sheetForm($answers)
                        <input type="hidden" name="key" value="{{ $finding->key() }}">
                        <input type="hidden" name="because" value="{{ $meant }}">
                        <button class="button small">
                            {{ $meant }}<span class="sr-only"> {{ $about }}</span></button>
                    @endSheetForm
                @endif
                @if ($finding->says === 'size.unread')
                    @include('plan.partials.teach-label')
                @endif
                @if ($finding->canBeOverruled && ($several ?? false))
                    <label class="button small flex items-center gap-1.5">
                        <input type="checkbox" form="several" name="keys[]" value="{{ $finding->key() }}"
                            @checked(in_array($finding->key(), (array) old('keys'), true))>
                        <span class="sr-only">{{ __('plan/flags.tick', ['about' => $about]) }}</span>
                    </label>
                @endif
                @if ($finding->canBeOverruled)
                    <details class="leave" @if ($errors->hasBag($bag)) open @endif>
                        <summary class="button small">{{ __('plan/views/partials/finding.keep-it-anyway') }}<span
                            class="sr-only"> {{ $about }}</span></summary>
                        @sheetForm($answers, 'post', ['class' => 'mt-1.5 flex items-end gap-1.5'])
                            <input type="hidden" name="key" value="{{ $finding->key() }}">
                            <div>
                                <label class="font-semibold" for="{{ $bag }}-because">{{
                                    __('plan/views/partials/finding.because') }}</label>
                                <input class="input" id="{{ $bag }}-because" name="because" maxlength="400" required
                                    value="{{ $wrong === '' ? '' : old('because') }}" autocomplete="off"
                                    @if ($wrong !== '') aria-invalid="true" aria-describedby="{{ $bag }}-wrong" @endif>
                                @if ($wrong !== '')<p class="wrong" id="{{ $bag }}-wrong">{{ $wrong }}</p>@endif
                            </div>
                            <button class="button">{{ __('plan/views/partials/finding.save') }}</button>
                        @endSheetForm
                    </details>
                @endif
            </div>
        @endif
    </div>
</li>

@php($bag = $finding->anchor())
<li class="finding border-t-[1.5px] border-line py-2" id="{{ $bag }}">
    <div class="flex flex-wrap items-start gap-x-3 gap-y-1.5">
        <svg class="drawn mt-1 shrink-0 {{ $finding->weight->mustBeMended() ? 'text-mend' : 'text-ink-soft' }}"
            width="14" height="16" viewBox="0 0 14 16"
            aria-hidden="true"><path d="M2 1v14M2 2h10l-3 3.5 3 3.5H2"
                fill="{{ $finding->weight->mustBeMended() ? 'currentColor' : 'none' }}" stroke="currentColor"
                stroke-width="1.5" /></svg>
        <p class="min-w-64 grow basis-0">
            <b>{{ $say->about($finding) }}.</b>
            <span @class(['text-mend' =>
                $finding->weight->mustBeMended()])><b>{{ __("gauges.weights.{$finding->weight->value}") }}.</b>
                {{ $say->why($finding) }}</span> {{ $say->remedy($finding) }}
            @if ($say->figures($finding) !== '')<span
                class="block text-ink-soft tabular">{{ $say->figures($finding) }}</span>@endif
        </p>
        @if ($sheet->box->stage->isOpen())
            <div class="flex flex-wrap items-center gap-1.5">
                @foreach ($finding->remedies as $remedy) @include('plan.partials.remedy') @endforeach
                @if (str_starts_with($finding->id, 'twice.'))
                    <form method="post" action="{{ route('answers.store', $sheet->box) }}"
                        hx-post="{{ route('answers.store', $sheet->box) }}" hx-target="#sheet" hx-swap="outerMorph">
                        @include('plan.partials.state')
                        <input type="hidden" name="key" value="{{ $finding->key() }}">
                        <input type="hidden" name="because" value="{{ __('flags.meant') }}">
                        <button class="button small">
                            {{ __('flags.meant') }}<span class="sr-only"> {{ $say->about($finding) }}</span></button>
                    </form>
                @endif
                @if ($finding->canBeOverruled)
                    <details class="leave" @if ($errors->hasBag($bag)) open @endif>
                        <summary class="button small">Leave it…<span
                            class="sr-only"> {{ $say->about($finding) }}</span></summary>
                        <form method="post" action="{{ route('answers.store', $sheet->box) }}"
                            hx-post="{{ route('answers.store', $sheet->box) }}" hx-target="#sheet" hx-swap="outerMorph"
                            class="mt-1.5 flex items-end gap-1.5">
                            @include('plan.partials.state')
                            <input type="hidden" name="key" value="{{ $finding->key() }}">
                            <x-field name="because" :id="$bag.'-because'" :$bag label="because" maxlength="400" required
                                :value="$errors->hasBag($bag) ? old('because') : ''" autocomplete="off" />
                            <button class="button">Keep</button>
                        </form>
                    </details>
                @endif
            </div>
        @endif
    </div>
</li>

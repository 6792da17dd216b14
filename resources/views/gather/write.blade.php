<x-layout title="{{ __('gather/written.title') }}" station="gather">
    <x-gather-tabs on="write" />
    @fragment('written')
        <form method="post" action="{{ route('write.store') }}" id="written" class="mx-auto grid max-w-6xl gap-3.5"
            data-draft="written"
            data-draft-back="{{ __('answer.draft') }}" hx-post="{{ route('write.look') }}" hx-target="#written"
            hx-swap="outerMorph" hx-sync="this:replace" hx-trigger="input delay:250ms">
            @csrf
            <x-once />
            <div>
                <h1>{{ __('gather/written.title') }}</h1>
                <p class="text-ink-soft">{{ __('gather/written.lead') }}
                    <a class="link" href="{{ route('quick') }}">{{ __('gather/written.fields') }}</a></p>
            </div>
            <section class="cut grid grid-cols-2 gap-3 p-4 sm:grid-cols-4"
                aria-label="{{ __('gather/written.place') }}">
                <x-field name="place" :label="__('gather/written.place')" :value="$written->place"
                    :wrong="$written->wrong->first('place')" maxlength="80" autocomplete="off" />
                <x-field name="source" :label="__('gather/written.from')">
                    <select class="input" id="source" name="source">
                        @foreach ($choices->sources as $source)
                            <option value="{{ $source->value }}" @selected($written->source === $source)>
                                {{ __("gather/stash.sources.{$source->value}") }}</option>
                        @endforeach
                    </select>
                </x-field>
                <x-field name="got_on" :label="__('gather/written.day')" type="date" :value="$written->gotOn"
                    :wrong="$written->wrong->first('got_on')" required />
                <x-field name="total" :label="__('gather/written.total')" inputmode="decimal" :value="$written->total"
                    :wrong="$written->wrong->first('total')" autocomplete="off" />
            </section>
            <div class="grid gap-3.5 lg:grid-cols-2">
                <section class="cut grid content-start gap-2 p-4">
                    <label class="font-semibold" for="lines">{{ __('gather/written.lines') }}</label>
                    <textarea class="input written-lines" id="lines" name="lines" rows="{{ $written->textRows() }}"
                        maxlength="20000" spellcheck="false" autocapitalize="off"
                        placeholder="{{ __('gather/written.example') }}"
                        @if ($written->wrong->has('lines') || $errors->has('lines')) aria-invalid="true"
                            aria-describedby="lines-wrong" @endif>{{ $written->lines }}</textarea>
                    @if ($written->wrong->has('lines') || $errors->has('lines'))
                        <p class="wrong" id="lines-wrong">{{ $written->wrong->first('lines') ?: $errors->first('lines')
                            }}</p>
                    @endif
                    <details class="text-sm">
                        <summary>{{ __('gather/written.help') }}</summary>
                        <dl class="written-ways">
                            @foreach (trans('gather/written.ways') as [$way, $means])
                                <div><dt>{{ $way }}</dt><dd>{{ $means }}</dd></div>
                            @endforeach
                        </dl>
                    </details>
                </section>
                <section class="cut p-4" aria-labelledby="understood">
                    <h2 class="text-base" id="understood">{{ __('gather/written.understood') }}</h2>
                    @if ($written->rows === [])
                        <p class="text-ink-soft">{{ __('gather/written.nothing') }}</p>
                    @endif
                    <ol class="written-rows" id="understood-rows">
                        @foreach ($written->rows as $row)
                            <li @class(['written-row', 'is-extra' => $row['isExtra']])>
                                <span class="written-number" aria-hidden="true">{{ $row['line'] }}</span>
                                @if ($row['kind'] !== null)
                                    <x-glyph :lane="$row['kind']->category" :kind="$row['kind']" />
                                @else
                                    <span></span>
                                @endif
                                <div class="min-w-0">
                                    <p @class(['font-semibold' => ! $row['isExtra']])>{{ $row['says'] }}</p>
                                    @if ($row['details'] !== [])
                                        <p class="text-sm text-ink-soft">{{ implode(' · ', $row['details']) }}</p>
                                    @endif
                                    @foreach ($row['asks'] as $ask)
                                        <p class="wrong">{{ $ask['says'] }}</p>
                                        <p class="flex flex-wrap gap-2">
                                            @foreach ($ask['answers'] as $answer => $label)
                                                <button class="button small" name="answer" hx-target="#written"
                                                    hx-post="{{ route('write.look') }}" hx-swap="outerMorph"
                                                    value="{{ $row['line'] - 1 }}|{{ $answer }}">{{ $label }}</button>
                                            @endforeach
                                        </p>
                                    @endforeach
                                    @foreach ($row['wrong'] as $wrong)
                                        <p class="wrong">{{ $wrong }}</p>
                                    @endforeach
                                </div>
                                <b class="figure">{{ $row['amount'] }}</b>
                            </li>
                        @endforeach
                    </ol>
                    @if ($written->read->receipt !== null && $written->rows !== [])
                        <dl class="written-sum" aria-live="polite">
                            <div><dt>{{ __('gather/written.sum') }}</dt>
                                <dd class="figure" id="sum">{{ $written->read->receipt->till->format() }}</dd></div>
                            @if ($written->isSpreadOtherwise())
                                <div><dt>{{ __('gather/written.ours') }}</dt>
                                    <dd class="figure">{{ $written->spent() }}</dd></div>
                            @endif
                        </dl>
                    @endif
                </section>
            </div>
            @php
                $difference = $written->difference();
            @endphp
            <x-till-difference :$difference />
            @if ($isTried && ! $written->isClear())
                <p class="wrong" role="alert">
                    {{ $written->rows === [] ? __('gather/written.nothing-yet') : __('gather/written.unclear') }}</p>
            @endif
            <div class="flex flex-wrap items-center gap-3">
                <button class="button go">{{ __('gather/written.keep') }}</button>
                @if ($difference !== null && ! $difference->isZero())
                    <label class="flex items-center gap-2">
                        <input type="checkbox" name="differs" value="1"> {{ __('gather/written.keep-anyway') }}
                    </label>
                @endif
                <button class="button" name="check" value="1">{{ __('gather/written.read') }}</button>
            </div>
        </form>
    @endfragment
</x-layout>

<x-layout :title="__('pack/practice.find.title')" station="pack">
    @fragment('round')
        @php($isDone = $find->isDone)
        <form action="{{ route('practice.find') }}" id="round" class="mx-auto grid max-w-5xl gap-4">
            @foreach ($find->box->address() as $name => $value)
                <input type="hidden" name="{{ $name }}" value="{{ $value }}">
            @endforeach
            <input type="hidden" name="done" value="1">
            @if ($find->isTimed)
                <input type="hidden" name="clock" value="1">
                <input type="hidden" name="began" value="{{ $began }}">
            @endif
            <div>
                <h1>{{ __('pack/practice.find.title') }}</h1>
                <p class="text-lg">{{ __('pack/practice.find.for', [
                    'who' => __("people.{$find->plan->recipient->gender->value}"),
                    'band' => $find->plan->recipient->band->label(),
                    'drive' => $find->plan->guide->edition->drive]) }}
                    @unless ($isDone)
                        <a class="link" href="{{ route('practice.find', [...$find->box->address(),
                            ...($find->isTimed ? [] : ['clock' => 1])]) }}">{{
                            __('pack/practice.'.($find->isTimed ? 'no-clock' : 'clock')) }}</a>
                    @endunless</p>
            </div>
            @if ($isDone)
                <p class="cut p-4 text-xl" role="status"><b class="figure">{{ __('pack/practice.score',
                    ['score' => $find->score(), 'most' => $find->most()]) }}</b>
                    @if ($find->isTimed && $find->seconds !== null)
                        {{ trans_choice('pack/practice.seconds', $find->seconds) }}
                    @endif</p>
            @endif
            <fieldset>
                <legend class="text-lg font-semibold">{{ __('pack/practice.find.take-out') }}</legend>
                <ul class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-2.5">
                    @foreach ($find->plan->pieces as $piece)
                        @php($judged = $find->judged($piece->id))
                        <li>
                            <label @class(['tile h-full', 'text-mend' => $isDone && in_array($judged,
                                ['missed', 'false'], true)])>
                                <input type="checkbox" name="out[]" value="{{ $piece->id }}"
                                    @checked(in_array($piece->id, $find->out, true)) @disabled($isDone)>
                                <x-glyph :lane="$piece->kind->category" :kind="$piece->kind"
                                    :class="$find->box->level->hasWords() ? 'size-14' : 'size-24'" />
                                <span @class(['sr-only' => ! $find->box->level->hasWords() && ! $isDone])>{{
                                    $piece->name }}</span>
                                @if ($isDone)
                                    <b>{{ __("pack/practice.judged.{$judged}") }}</b>
                                    <span class="text-ink-soft">{{ $find->why($piece->id) }}</span>
                                @endif
                            </label>
                        </li>
                    @endforeach
                </ul>
            </fieldset>
            @if ($find->box->level->asksForMissing())
                <fieldset>
                    <legend class="text-lg font-semibold">{{ __('pack/practice.find.missing') }}</legend>
                    <ul class="mt-2 flex flex-wrap gap-x-5 gap-y-1">
                        @foreach ($find->needs() as $need)
                            @php($judged = $find->judgedNeed($need->id))
                            <li><label @class(['flex items-baseline gap-2', 'text-mend' => $isDone && in_array($judged,
                                ['missed', 'false'], true)])>
                                <input type="checkbox" name="missing[]" value="{{ $need->id }}"
                                    @checked(in_array($need->id, $find->lacks, true)) @disabled($isDone)>
                                {{ $need->name }}
                                @if ($isDone && $judged !== 'fine')
                                    <b>{{ __("pack/practice.judged-need.{$judged}") }}</b>
                                @endif
                            </label></li>
                        @endforeach
                    </ul>
                </fieldset>
            @endif
            <p class="flex flex-wrap gap-3">
                @if ($isDone)
                    <a class="button go bench-button" href="{{ route('practice.find',
                        [...$find->box->address(), 'seed' => $next]) }}">{{ __('pack/practice.another') }}</a>
                @else
                    <button class="button go bench-button">{{ __('pack/practice.check') }}</button>
                @endif
                <a class="button bench-button" href="{{ route('practice') }}">{{ __('pack/practice.back') }}</a>
            </p>
        </form>
    @endfragment
</x-layout>

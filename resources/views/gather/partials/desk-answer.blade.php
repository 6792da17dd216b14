@if ($desk->chain === null)
    <h2>{{ __('gather/views/partials/desk-answer.what-it-comes-to') }}</h2>
    <p class="mt-2">
        {{ __('gather/views/partials/desk-answer.type-what-a-pack-costs') }}
    </p>
@else
    @php
        $each = $desk->chain->each();
    @endphp
    <p class="text-ink-soft">{{ __('gather/views/partials/desk-answer.each') }}</p>
    <p class="figure text-[3.4rem] leading-none">{{ $each->format() }}</p>
    <p class="mt-1">
        {{ __('gather/views/partials/desk-answer.paid-code-for-pieces', [
            'paid' => $desk->chain->paid->format(),
            'code' => $currency->code,
            'pieces' => $desk->chain->pieces,
        ]) }}@if ($desk->chain->percentOff() > 0){{ __('gather/views/partials/desk-answer.percent-off-the-list-price', [
            'percent' => $desk->chain->percentOff(),
        ]) }} @endif
    </p>
    @if ($judge !== null)
        @php
            $verdict = $judge->verdict($each);
            $measure = $judge->measure()?->format();
            $measured = $measure === null ? ''
                : __($target === null ? 'gather/desk.measure-best' : 'gather/desk.measure-target',
                    ['price' => $measure]);
        @endphp
        <p @class(['figure mt-4 inline-block rounded-md px-3 py-1 text-2xl',
            'bg-next text-[#14312b]' => $verdict->value === 'buy', 'border-[1.5px] border-ink' => $verdict->value !==
            'buy', 'text-mend' => in_array($verdict->value, ['wait',
            'only-if-needed'])])>{{ __("gather/desk.verdicts.{$verdict->value}") }}</p>
        <p class="mt-2">
            {{ __("gather/desk.because.{$verdict->value}",
                ['each' => $each->format(), 'measure' => $measured, 'needed' => $needed]) }}
            @if ($verdict->value === 'wait' && $judge->nextCheapMonth())
                {{ $judge->isCheapNow() ? __('gather/desk.cheap-now')
                    : __('gather/desk.cheap', ['month' => $judge->nextCheapMonth()->format('F')]) }} @endif
        </p>
        <p class="mt-1">{{ trans_choice('gather/desk.needed', $needed) }}</p>
    @endif
    @if ($desk->claimCheck !== null)
        <p class="mt-3 border-t-[1.5px] border-line pt-3">
            @if ($desk->claimCheck->holds)
                {{ __('gather/desk.claim-holds', ['claim' => $desk->claim]) }}
            @elseif ($desk->claimCheck->packNeeded->isZero())
                {{ __('gather/desk.claim-fails-free', ['each' => $each->format()]) }}
            @elseif ($desk->claimCheck->piecesNeeded === null)
                {{ __('gather/desk.claim-fails-any',
                    ['each' => $each->format(), 'claim' => $desk->claim, 'pack' =>
                    $desk->claimCheck->packNeeded->format()]) }}
            @else
                {{ __('gather/desk.claim-fails',
                    ['each' => $each->format(), 'claim' => $desk->claim, 'pieces' => $desk->claimCheck->piecesNeeded,
                    'pack' => $desk->claimCheck->packNeeded->format()]) }}
            @endif
        </p>
    @endif
    @if ($desk->chain->stages !== [])
        <table class="mt-4 w-full">
            <caption class="sr-only">{{ __('gather/views/partials/desk-answer.step-by-step') }}</caption>
            <tbody class="tabular">
                <tr>
                    <th scope="row" class="py-0.5 text-left font-normal">{{
                        __('gather/views/partials/desk-answer.list-price') }}</th>
                    <td class="text-right">{{ $desk->chain->list->rounded()->format() }}</td>
                </tr>
                @foreach ($desk->chain->stages as $stage)
                    <tr>
                        <th scope="row" class="py-0.5 text-left font-normal">
                            {{ __("gather/desk.steps.{$stage['kind']->value}") }}</th><td class="text-right">
                            {{ $stage['after']->rounded()->format() }}</td>
                    </tr>
                @endforeach
                <tr class="border-t-[1.5px] border-ink font-semibold">
                    <th scope="row" class="py-0.5 text-left">{{ __('gather/views/partials/desk-answer.paid') }}</th>
                    <td class="text-right">{{ $desk->chain->paid->format() }}</td>
                </tr>
            </tbody>
        </table>
    @endif
    @if ($desk->kind !== null)
        <a class="button go mt-4 w-full"
            href="{{ route('lots.create',
                ['kind' => $desk->kind->id, 'price' => $desk->chain->paid->typed(), 'pieces' => $desk->chain->pieces,
                'pack_pieces' => $desk->pieces, 'list_price' => $desk->chain->list->rounded()->typed(), 'desk' =>
                request()->getQueryString()]) }}">{{ __('gather/views/partials/desk-answer.bought-it-put-it-in') }}</a>
    @endif
@endif

@if ($desk->kind !== null)
    <div class="mt-5 border-t-[1.5px] border-line pt-4">
        <h2>{{ $desk->kind->name }}</h2>
        <form method="post" action="{{ route('target') }}" class="mt-2 flex flex-wrap items-end gap-2">
            @csrf
            <input type="hidden" name="kind" value="{{ $desk->kind->id }}">
            <input type="hidden" name="band" value="{{ $band?->id() }}">
            <input type="hidden" name="was" value="{{ $was }}">
            <x-field class="w-44" name="target" :label="$band
                ? __('gather/views/partials/desk-answer.target-each-band', ['band' => $band->label()])
                : __('gather/views/partials/desk-answer.target-each')"
                inputmode="decimal" :value="old('target', $was)"
                    :placeholder="__('gather/views/partials/desk-answer.none')" autocomplete="off" />
            <button class="button">{{ __('gather/views/partials/desk-answer.save') }}</button>
        </form>
        @if ($history->isEmpty())
            <p class="mt-2 text-ink-soft">{{ __('gather/views/partials/desk-answer.none-of-this-kind-was') }}</p>
        @else
            <form method="post" action="{{ route('target') }}"
                class="mt-3 flex flex-wrap items-center gap-x-3 gap-y-1.5 tabular">
                @csrf
                <input type="hidden" name="kind" value="{{ $desk->kind->id }}">
                <input type="hidden" name="band" value="{{ $band?->id() }}">
                <span>{{ __('gather/views/partials/desk-answer.take-as-the-target') }}</span>
                @foreach (array_filter([__('gather/views/partials/desk-answer.best-so-far') => $history->lowest(),
                    __('gather/views/partials/desk-answer.the-middle') => $history->median(),
                    __('gather/views/partials/desk-answer.about-this-time-last-year') =>
                        $history->lastYears($write->today()),
                ]) as $which => $past)
                    <button class="link" name="target"
                        value="{{ $past->asTarget() }}">{{ $which }}, {{ $past->each->format() }}</button>
                @endforeach
            </form>
            <ul class="mt-1">
                @foreach (array_slice($history->cheapestFirst, 0, 6) as $past)
                    <li class="flex justify-between gap-3 border-t-[1.5px] border-line py-1">
                        <span>{{ $past->where }},
                            <span class="text-ink-soft">{{ $past->on->format('j M Y') }}</span></span><b
                                class="figure">{{ $past->each->format() }}</b>
                    </li>
                @endforeach
            </ul>
        @endif
    </div>
@endif

<x-layout :title="$guide->edition->drive" station="shelf">
    <div class="mx-auto max-w-5xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div>
                <h1>{{ $guide->edition->drive }}</h1>
                <p class="text-ink-soft">
                    {{ __('guides/views/show.season-dated-dated-source', [
                        'season' => ucfirst($guide->edition->season),
                        'dated' => $guide->edition->dated,
                        'source' => $guide->edition->source,
                    ]) }}
                </p>
                @if ($write->mostAsked($guide) !== '')<p class="font-semibold">{{ $write->mostAsked($guide) }}</p>@endif
            </div>
            <div class="no-print flex flex-wrap gap-2">
                @if ($isOwn)<a class="button"
                    href="{{ route('guides.edit', $guide->edition->id) }}">{{
                        __('guides/views/show.change-it') }}</a>@else<form
                    method="post" action="{{ route('guides.copy', $guide->edition->id) }}">@csrf
<x-once /><button class="button">{{ __('guides/views/show.copy-and-change') }}</button></form>@endif
                <a class="button" href="{{ route('guides.export', $guide->edition->id) }}">{{
                    __('guides/views/show.as-a-file') }}</a>
            </div>
        </div>
        @foreach (['needs' => __('guides/views/show.must-haves'),
            'wishes' => __('guides/views/show.wishes')] as $list => $title)
            <section class="cut mb-3.5 px-4 py-3" aria-labelledby="{{ $list }}">
                <h2 id="{{ $list }}">{{ $title }}</h2>
                <table class="w-full tabular max-sm:text-sm">
                    <thead class="text-left text-ink-soft"><tr><th class="py-1 pr-3 font-normal">{{
                        __('guides/views/show.what') }}</th>
                            @foreach ($guide->audience->bands as $band)<th
                                class="w-16 py-1 pr-3 text-right font-normal">
                                    {{ $band->label() }}</th>@endforeach<th class="py-1 pl-3 font-normal">{{
                                        __('guides/views/show.any-of') }}</th>
                                    </tr></thead>
                    <tbody>
                        @foreach ($guide->{$list} as $need)
                            <tr class="border-t-[1.5px] border-line align-baseline">
                                <th scope="row" class="py-1.5 pr-3 text-left font-semibold">
                                    <span class="flex gap-2"><x-glyph :lane="$need->category"
                                        class="size-5 shrink-0" />{{ $need->name }}</span>
                                </th>
                                @foreach ($guide->audience->bands as $band)
                                    @php($count = $need->countForBand($band))
                                    <td class="pr-3 text-right">{{ $count === 0 ? '–' : $count }}</td>
                                @endforeach
                                <td class="py-1.5 pl-3 wrap-anywhere text-ink-soft">
                                    {{ $linesOf($need) }}
                                    @if ($need->genders() !== [])
                                        <b class="text-ink">
                                            ({{ implode(', ', array_map($nameOfGender, $need->genders())) }})
                                        </b>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
        @endforeach
        <section class="cut mb-3.5 px-4 py-3" aria-labelledby="rules">
            <h2 id="rules">{{ __('guides/views/show.what-it-takes-out-and') }}</h2>
            <ul>
                @foreach ($choices->weights as $weight)
                    @foreach ($guide->flags as $flag)
                        @if ($flag->weight === $weight)
                            <li class="border-t-[1.5px] border-line py-1.5">
                                <b>{{ __("gather/stash.traits.{$flag->trait->value}") }}.</b>
                                <span @class(['text-mend' => $weight->mustBeMended()])>
                                    {{ __("plan/gauges.weights.{$weight->value}") }}@if ($flag->bands !== [])
                                        {{ __('guides/views/show.for-bands', [
                                            'bands' => $flag->bandLabels(),
                                        ]) }}@endif.
                                </span>
                                {{ $flag->why }} <span class="text-ink-soft">{{ $flag->remedy }}</span>
                            </li>
                        @endif
                    @endforeach
                @endforeach
            </ul>
        </section>
        <section class="cut mb-3.5 grid gap-x-8 gap-y-2 px-4 py-3 sm:grid-cols-2" aria-labelledby="way">
            <h2 id="way" class="sm:col-span-2">{{ __('guides/views/show.on-the-way') }}</h2>
            <p>
                <b>{{ __('guides/views/show.shipping-gift') }}</b> {{ __('guides/views/show.gift-code-a-box', [
                    'gift' => $guide->terms->sendingGift->format(),
                    'code' => $guide->terms->sendingGift->currency->code,
                ]) }}
            </p>
            <p>
                <b>{{ __('guides/views/show.hand-in') }}</b> {{ __('guides/views/show.from-today-to-today2', [
                    'today' => $guide->terms->handIn->opens($write->today())->format('j M Y'),
                    'today2' => $guide->terms->handIn->closes($write->today())->format('j M Y'),
                ]) }}
            </p>
            @if ($guide->terms->handIn->closingDays !== [])<p class="sm:col-span-2">
                    <b>{{ __('guides/views/show.places-each-with-its-own') }}</b>
                    {{ implode('; ',
                        array_map(fn ($place, $day) => $place.'
                        '.$write->dayOfEveryYear($day),
                        array_keys($guide->terms->handIn->closingDays),
                        $guide->terms->handIn->closingDays)) }}</p>@endif
            @if ($guide->terms->boxLimit)<p>
                    <b>{{ __('guides/views/show.a-box-at-most') }}</b> {{ __('guides/views/show.measures-outside', [
                        'measures' => $write->sides([
                            $guide->terms->boxLimit->length,
                            $guide->terms->boxLimit->width,
                            $guide->terms->boxLimit->height,
                        ]),
                    ]) }}</p>@endif
            @if ($guide->terms->labelFields !== [])<p>
                    <b>{{ __('guides/views/show.the-label-asks-for') }}</b> {{ implode(', ',
                        $guide->terms->labelFields) }}.
                </p>@endif
        </section>
        @if ($boxes->isNotEmpty())
            <section class="cut no-print px-4 py-3" aria-labelledby="against">
                <h2 id="against">{{ __('guides/views/show.what-it-would-say-of') }}</h2>
                <ul class="columns-2 max-sm:columns-1">
                    @foreach ($boxes as $box)<li class="py-1">
                            <a class="link"
                                href="{{ route('boxes.compare',
                                    [$box, 'with' => $guide->edition->id]) }}">{{ $box->theme }}</a>
                                </li>@endforeach
                </ul>
            </section>
        @endif
    </div>
</x-layout>

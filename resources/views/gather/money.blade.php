<x-layout :title="__('gather/views/money.money')" station="gather">
    <x-gather-tabs on="money" />
    <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
        <div>
            <h1>{{ $season->isCurrent() ? __('gather/views/money.the-seasons-money')
                : __('gather/views/money.the-money-of-season-year', ['year' => $season->season->year]) }}</h1>
            <p class="text-ink-soft">
                {{ __('gather/views/money.from-to-to-in-code', [
                    'from' => $season->season->from->format('j M Y'),
                    'to' => $season->season->to->format('j M Y'),
                    'code' => $currency->code,
                ]) }}
            </p>
        </div>
        @if (count($season->years()) > 1)
            <nav aria-label="{{ __('gather/views/money.seasons') }}" class="flex flex-wrap gap-2">
                @foreach ($season->years() as $year)<a @class(['button small', 'go' => $year === $season->season->year])
                    href="{{ route('money', ['season' => $year]) }}"
                    @if ($year === $season->season->year) aria-current="true" @endif>{{ $year }}</a>@endforeach
            </nav>
        @endif
    </div>
    <section class="cut mb-3.5 flex flex-wrap items-end gap-x-10 gap-y-4 p-5" aria-label="{{
        __('gather/views/money.budget') }}">
        @foreach (array_filter([__('gather/views/money.spent') => $season->spent(),
            __('gather/views/money.promised-as-shipping-gifts') => $season->isCurrent() ? $season->promised() : null,
                __('gather/views/money.free') => $season->free(),
                __('gather/views/money.saved-against-list-prices') => $season->saved()]) as $name => $amount)
            <p>
                <span class="block text-ink-soft">{{ $name }}</span><span
                    @class(['figure text-3xl', 'text-mend' => $amount->minor < 0])>{{ $amount->format() }}</span>
            </p>
        @endforeach
        @if ($season->isCurrent())
        <form method="post" action="{{ route('money.budget') }}" class="ml-auto flex items-end gap-2">
            @csrf
            @method('put')
            <input type="hidden" name="was" value="{{ $hand->crew()->printed('season_budget') }}">
            <x-field class="w-40" name="budget" :label="__('gather/views/money.seasons-budget')" inputmode="decimal"
                :value="old('budget', $season->budget()?->typed())" :placeholder="__('gather/views/money.none')"
                    autocomplete="off" />
            <button class="button">{{ __('gather/views/money.save') }}</button>
        </form>
        @endif
    </section>
    <p class="pb-3 tabular">
        {{ __('gather/money.whereabouts',
            array_map(fn ($amount) => $amount->format(), [...$season->whereabouts(), 'paid' =>
            $season->spentOnThings()])) }}
    </p>
    @if (trim(trans_choice('gather/money.without-price', $season->withoutPrice())) !== '')
        <p class="pb-3 text-ink-soft">{{ trans_choice('gather/money.without-price', $season->withoutPrice()) }}</p>
    @endif
    <div class="grid gap-3.5 wide:grid-cols-2">
        <section class="cut p-5">
            <x-bars :caption="__('gather/views/money.by-month')" :amounts="$season->byMonth()"
                :names="$write->month(...)" />
        </section>
        <div class="grid content-start gap-3.5">
            <section class="cut p-5">
                <x-bars :caption="__('gather/views/money.by-category')" :amounts="$season->byLane()"
                    :names="fn ($lane) => __('lanes.'.$lane)"
                    lanes />
            </section>
            <section class="cut p-5"><x-bars :caption="__('gather/views/money.by-source')"
                :amounts="$season->bySource()" /></section>
        </div>
        <section class="cut p-5" aria-labelledby="dearest">
            <h2 id="dearest">{{ __('gather/views/money.most-expensive') }}</h2>
            <ol class="mt-2">
                @forelse ($season->dearest() as $lot)
                    <li class="flex justify-between gap-3 border-t-[1.5px] border-line py-1.5 first:border-t-0">
                        <a href="{{ route('lots.edit', $lot) }}"
                            class="underline decoration-[1.5px]
                            underline-offset-4">{{ $lot->name }}</a><x-each :price="$lot->price()" />
                    </li>
                @empty
                    <li class="text-ink-soft">{{ __('gather/views/money.nothing-paid-for-yet') }}</li>
                @endforelse
            </ol>
        </section>
        <section class="cut p-5" aria-labelledby="givers">
            <h2 id="givers">{{ __('gather/views/money.thank-you-list') }}</h2>
            @forelse ($season->givers() as $giver => $gifts)
                <h3 class="mt-2">{{ $giver === '' ? __('gather/views/money.someone-unnamed') : $giver }}</h3>
                <ul>
                    @foreach ($gifts as $gift)
                        <li>
                            {{ $gift['lot']->pieces }} ×
                            {{ $gift['lot']->name }}@if ($gift['boxes'] !== []),
                                <span class="text-ink-soft">{{ __('gather/views/money.in-gift', [
                                    'gift' => implode(', ', array_unique($gift['boxes'])),
                                ]) }}</span>@else<span
                                        class="text-ink-soft">{{
                                            __('gather/views/money.still-in-the-stash') }}</span>@endif
                        </li>
                    @endforeach
                </ul>
                @if ($loop->last && $season->giftsNotNamed() > 0)<p class="mt-2 text-ink-soft">
                        {{ trans_choice('gather/money.more-gifts', $season->giftsNotNamed()) }}</p>@endif
            @empty
                <p class="mt-2 text-ink-soft">
                    {{ __('gather/views/money.nothing-was-given-this-season') }}
                </p>
            @endforelse
        </section>
    </div>
</x-layout>

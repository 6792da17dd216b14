@php($offers = $picker->fromStash($sheet->plan, $sheet->gauges, $state, $sheet->box))
<form action="{{ route('boxes.show', $sheet->box) }}" class="grid grid-cols-[1fr_auto] gap-2"
    hx-get="{{ route('boxes.show', $sheet->box) }}" hx-target="#beside" hx-replace-url="true"
    data-latest hx-trigger="input changed delay:250ms from:#pick-q, change from:#pick-lane, submit">
    <input type="hidden" name="pick" value="1">
    <input type="hidden" name="from" value="stash">
    <label class="sr-only" for="pick-q">{{ __('plan/views/partials/pick-stash.find-in-the-stash') }}</label>
    <input class="input" id="pick-q" type="search" name="q" maxlength="80" value="{{ $state->search }}"
        placeholder="{{ __('plan/views/partials/pick-stash.name-or-place') }}" autofocus autocomplete="off" data-focus>
    <label class="sr-only" for="pick-lane">{{ __('plan/views/partials/pick-stash.lane') }}</label>
    <select class="input" id="pick-lane" name="lane">
        <option value="">{{ __('plan/views/partials/pick-stash.all-categories') }}</option>
        @foreach ($choices->lanes as $lane)
            <option value="{{ $lane->value }}" @selected($state->lane === $lane)>{{ __("lanes.{$lane->value}") }}
            </option>
        @endforeach
    </select>
    <noscript><button class="button small">{{ __('plan/views/partials/pick-stash.find') }}</button></noscript>
</form>
@if ($state->needId !== null)
    <p class="mt-2 text-ink-soft">
        {{ __('plan/views/partials/pick-stash.only-what-fills-this-need') }}
        <a class="link" @toPicker($address(['need' => null]))>{{
            __('plan/views/partials/pick-stash.show-all') }}</a>
    </p>
@endif
<x-wrong name="quantity" bag="pick" />

<ul class="mt-2 wide:max-h-[44rem] wide:overflow-y-auto wide:pr-2">
    @forelse ($offers->shown as $offer)
        <li id="offer-{{ $offer->lot->id }}" class="border-t-[1.5px] border-line py-2.5 first:border-t-0">
            <div class="flex items-start gap-2.5">
                <x-glyph :lane="$offer->lot->itemKind()->category" :kind="$offer->lot->itemKind()"
                    class="mt-0.5 size-6 shrink-0" />
                @if ($offer->lot->has_photo)<x-lot-photo :lot="$offer->lot" />@endif
                <div class="min-w-0 grow">
                    <p class="font-semibold">
                        {{ $offer->lot->name }}@if ($offer->lot->size_label)<span
                            class="font-normal">{{ __('plan/views/partials/pick-stash.size-label', [
                                'label' => $offer->lot->size_label,
                            ]) }}</span>@endif
                    </p>
                    <p class="text-ink-soft">{{ implode(' · ', $offer->reasons()) }}</p>
                    <p class="flex flex-wrap gap-x-3">
                        @foreach ($offer->effects($sheet->gauges) as [$gauge, $effect, $tone])
                            <span @class(['text-ok' => $tone === 'good', 'text-mend' => $tone === 'bad'])><span
                                class="sr-only">{{ $gauge }}: </span>{{ $effect }}</span>
                        @endforeach
                    </p>
                </div>
                @sheetForm(route('pieces.store', $sheet->box), 'post', ['class' => 'flex items-center gap-1'])
                    <input type="hidden" name="lot" value="{{ $offer->lot->id }}">
                    <label class="sr-only" for="many-{{ $offer->lot->id }}">{{
                        __('plan/views/partials/pick-stash.how-many-name', [
                        'name' => $offer->lot->name,
                    ]) }}</label>
                    <input class="count" id="many-{{ $offer->lot->id }}" type="number" name="quantity" min="1" max="100"
                        required value="{{ $offer->suggested }}">
                    <button class="button small" id="take-{{ $offer->lot->id }}">
                        {{ __('plan/views/partials/pick-stash.pick') }}<span class="sr-only"> {{
                            $offer->lot->name }}</span></button>
                @endSheetForm
            </div>
        </li>
    @empty
        <li class="py-3">
            @if ($state->search !== '' || $state->lane !== null || $state->needId !== null)
                <p>{{ __('plan/views/partials/pick-stash.nothing-in-the-stash-goes') }}</p>
            @else
                <p>
                    {{ __('plan/views/partials/pick-stash.the-stash-is-empty-or') }}
                    <a class="link" href="{{ $address(['from' => 'new']) }}">{{
                        __('plan/views/partials/pick-stash.a-new-thing') }}</a>{{
                        __('plan/views/partials/pick-stash.or-put-what-the-guide') }} <a class="link"
                        href="{{ $address(['from' => 'buy']) }}">{{
                        __('plan/views/partials/pick-stash.list-to-buy') }}</a>.
                </p>
            @endif
        </li>
    @endforelse
    @if ($offers->more > 0)
        <li class="border-t-[1.5px] border-line py-3 text-ink-soft">
            {{ trans_choice('plan/picker.more', $offers->more) }}
            @if ($state->manyMore() !== null)
                <a class="link" id="more-offers" href="{{ $address(['many' => (string) $state->manyMore()]) }}"
                    hx-get="{{ $address(['many' => (string) $state->manyMore()]) }}"
                    hx-target="#beside" hx-replace-url="true">{{ __('plan/picker.show-more') }}</a>
            @endif
        </li>
    @endif
</ul>

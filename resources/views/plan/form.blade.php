@php
    $isNew = ! $box->exists;
    $mm = fn (?int $tenths) => $tenths === null ? ''
        : $write->mm($tenths);
    $currency = $hand->currency();
    $alike = $currency->equals($guide->terms->sendingGift->currency);
    $gift = $isNew ? ($alike ? $guide->terms->sendingGift : null) : $box->sending_gift;
    $chosen = array_map('strtolower', array_filter((array) old('colours', $box->palette->hexes()), is_string(...)));
    $ownColour = collect($chosen)->first(fn ($hex) => ! $swatches->has($hex));
@endphp
<x-layout :title="$isNew ? __('plan/views/form.new-box') : __('plan/views/form.change-theme',
    ['theme' => $box->theme])" station="shelf">
    <form method="post" action="{{ $isNew ? route('boxes.store') : route('boxes.update', $box) }}"
        class="mx-auto grid max-w-4xl gap-4" data-draft="box-{{ $isNew ? '' : $box->version }}"
        data-draft-back="{{ __('answer.draft') }}">
        @csrf
        <x-once />
        @unless ($isNew) @method('put')
            <input type="hidden" name="was" value="{{ $was }}"> @endunless
        <x-meanwhile />
        @if ($idea !== null)<input type="hidden" name="idea" value="{{ $idea->id }}">@endif
        <div>
            <h1>{{ $isNew ? __('plan/views/form.new-box') : __('plan/views/form.change-theme-2',
                ['theme' => $box->theme]) }}</h1>
            <p class="text-ink-soft">{{ __('plan/views/form.planned-by-the-guide-of', [
                'drive' => $guide->edition->drive,
                'dated' => $guide->edition->dated,
            ]) }}
            </p>
            @if ($idea !== null)<p>{{ __('plan/ideas.with-idea', ['name' => $idea->name]) }}</p>@endif
        </div>

        <fieldset class="cut grid gap-3 p-5">
            <legend class="sr-only">{{ __('plan/views/form.for-whom') }}</legend>
            <div>
                <h2>{{ __('plan/views/form.for-whom') }}</h2>
                @if ($write->mostAsked($guide) !== '')<p class="text-ink-soft">{{ $write->mostAsked($guide) }}</p>@endif
            </div>
            <div class="grid gap-2.5 sm:grid-cols-3" role="radiogroup" aria-label="{{
                __('plan/views/form.age-band') }}">
                @foreach ($guide->audience->bands as $band)
                    <label class="tile">
                        <input type="radio" name="band" value="{{ $band->id() }}" required
                            @checked(old('band', $box->band) === $band->id())><span
                                class="figure text-xl">{{ $band->label() }}</span><span class="text-ink-soft">{{
                                    __('plan/views/form.years-old') }}</span>
                    </label>
                @endforeach
            </div>
            <x-wrong name="band" />
            <div class="grid gap-2.5 sm:grid-cols-3" role="radiogroup" aria-label="{{
                __('plan/views/form.girl-or-boy') }}">
                @foreach ($guide->audience->genders as $gender)
                    <label class="tile">
                        <input type="radio" name="gender" value="{{ $gender->value }}" required
                            @checked(old('gender', $box->gender?->value) === $gender->value)><span
                                class="font-semibold">{{ ucfirst(__("people.{$gender->value}")) }}</span>
                    </label>
                @endforeach
            </div>
            <x-wrong name="gender" />
        </fieldset>

        <fieldset class="cut own-box grid gap-3 p-5">
            <legend class="sr-only">{{ __('plan/views/form.which-box') }}</legend>
            <h2>{{ __('plan/views/form.which-box') }}</h2>
            <div class="grid gap-2.5 sm:grid-cols-2" role="radiogroup" aria-label="{{
                __('plan/views/form.box-kind') }}">
                @foreach ($boxKinds as $kind)
                    <label class="tile">
                        <input type="radio" name="box_kind" value="{{ $kind->id }}" required
                            @checked(old('box_kind', $box->box_kind ?? 'straight-card') === $kind->id)>
                        <span class="font-semibold">{{ $kind->name }}</span>
                        <span class="tabular">{{ __('plan/views/form.measures-inside', [
                            'measures' => $write->insideOf($kind),
                        ]) }}</span>
                        <span class="text-ink-soft">{{ $kind->says }}</span>
                        <span class="text-ink-soft">{{ trans_choice('plan/boxes.carton',
                            $carton->holds($kind->outside))
                            }}{{ $loop->first ? ''
                                : __('plan/boxes.carton-standard', ['name' =>
                                mb_strtolower($boxKinds[array_key_first($boxKinds)]->name), 'count' =>
                                $carton->holds($boxKinds[array_key_first($boxKinds)]->outside)]) }}</span>
                        @unless ($kind->isWithin($guide->terms->boxLimit))
                            <b class="text-mend">{{ __('plan/boxes.too-large') }}</b>
                        @endunless
                    </label>
                @endforeach
                <label class="tile">
                    <input type="radio" name="box_kind" value="own" @checked(old('box_kind', $box->box_kind) === 'own')>
                    <span class="font-semibold">{{ __('plan/views/form.measure-my-own') }}</span>
                    <span class="text-ink-soft">{{ __('plan/views/form.take-the-inside-with-a') }}</span>
                </label>
            </div>
            <x-wrong name="box_kind" />
            @if ($errors->has('box_kind') && $box->exists)<label class="flex gap-2">
                    <input type="checkbox" name="new_box" value="1"> {{ __('plan/views/form.i-take-another-box-its') }}
                    </label>@endif
            <div class="own-measures grid gap-3 border-t-[1.5px] border-line pt-3">
                <div class="grid gap-3 sm:grid-cols-3">
                    <x-field name="length" :label="__('plan/views/form.inside-length')"
                        :value="old('length', $mm($box->own_size?->length))"
                        autocomplete="off" />
                    <x-field name="width" :label="__('plan/views/form.inside-width')"
                        :value="old('width', $mm($box->own_size?->width))"
                        autocomplete="off" />
                    <x-field name="height" :label="__('plan/views/form.inside-height')"
                        :value="old('height', $mm($box->own_size?->height))"
                        autocomplete="off" />
                </div>
                <div class="grid gap-3 sm:grid-cols-3">
                    <x-field name="floor_length" :label="__('plan/views/form.floor-length')"
                        :value="old('floor_length', $mm($box->own_floor_length_tenths))" autocomplete="off" />
                    <x-field name="floor_width" :label="__('plan/views/form.floor-width')"
                        :value="old('floor_width', $mm($box->own_floor_width_tenths))" autocomplete="off" />
                    <p class="hint self-end">
                        {{ __('plan/views/form.the-floor-only-where-the') }}
                    </p>
                </div>
                <p class="hint">{{ __('plan/views/form.type-318-31-8-cm') }}</p>
            </div>
        </fieldset>

        <fieldset class="cut grid gap-3 p-5">
            <legend class="sr-only">{{ __('plan/views/form.theme-and-budget') }}</legend>
            <h2>{{ __('plan/views/form.theme-and-budget') }}</h2>
            <div class="grid gap-3 sm:grid-cols-[2fr_1fr_1fr] sm:items-end">
                <x-field name="theme" :label="__('plan/views/form.theme')" required maxlength="200"
                    :value="old('theme', $box->theme)"
                    autocomplete="off" />
                <x-field name="budget" :label="__('plan/views/form.budget-code', ['code' => $currency->code])"
                    inputmode="decimal"
                    :value="old('budget', $box->budget?->typed())" autocomplete="off"
                        :placeholder="__('plan/views/form.none')" />
                <x-field name="sending_gift" :label="__('plan/views/form.shipping-gift-code',
                    ['code' => $currency->code])" inputmode="decimal"
                    :value="old('sending_gift', $gift?->typed())" autocomplete="off" :required="! $alike" />
            </div>
            <p class="hint">
                {{ __($alike ? 'plan/boxes.gift-asked' : 'plan/boxes.gift-abroad',
                    ['gift' => $guide->terms->sendingGift->format().' '.$guide->terms->sendingGift->currency->code,
                        'code' =>
                    $currency->code]) }}
            </p>
            <div x-data="palette">
                <p class="font-semibold" id="colours-label">{{ __('plan/views/form.up-to-three-colours') }}</p>
                <div role="group" aria-labelledby="colours-label" class="mt-1.5 flex flex-wrap gap-2"
                    x-on:change="count">
                    @foreach ($swatches->all() as $hex => $name)
                        <x-colour-tile :$hex :$name :checked="in_array($hex, $chosen, true)" />
                    @endforeach
                    <label x-ref="ownTile" class="colour-tile" @if ($ownColour === null) hidden @endif>
                        <input type="checkbox" name="colours[]" x-ref="own" value="{{ $ownColour ?? '#888888' }}"
                            @checked($ownColour !== null) @if ($ownColour === null) disabled @endif>
                        <svg class="drawn size-6" viewBox="0 0 24 24" aria-hidden="true"><path x-ref="ownMark"
                            class="pen-line" d="M5 2.4 19.4 2q2.7.2 2.4 3l.4 13.6q-.2 3.4-3.4 3.2L5.4 22Q2 21.8 2.2
                            18.4L1.9 5.6Q2 2.7 5 2.4Z" fill="{{ $ownColour ?? '#888888' }}" /></svg>
                        <span>{{ __('plan/views/form.your-own') }}</span>
                    </label>
                    <label class="colour-tile" x-cloak>
                        <input type="color" class="size-6" value="{{ $ownColour ?? '#888888' }}" x-on:input="takeOwn">
                        <span>{{ __('plan/views/form.another') }}</span>
                    </label>
                </div>
                <x-wrong name="colours" />
                @foreach ([0, 1, 2] as $index)<x-wrong :name="'colours.'.$index" />@endforeach
            </div>
            @if ($isNew)
                <label class="flex items-start gap-2.5">
                    <input type="checkbox" name="from_guide" value="1" class="mt-1.5"
                        @checked(old('from_guide', ! session()->hasOldInput() && ! $hasStash))>
                    <span>{{ __('plan/views/form.put-all-that-the-guide') }}<br><span class="text-ink-soft">{{
                        __('plan/views/form.for-one-shopping-trip-what') }}</span></span>
                </label>
            @endif
        </fieldset>

        @if ($isNew && $leftBehind->isNotEmpty())
            <fieldset class="cut grid gap-2 p-5">
                <legend class="sr-only">{{ __('plan/next-box.take-along') }}</legend>
                <h2>{{ __('plan/next-box.take-along') }}</h2>
                @foreach ($leftBehind as $one)
                    <label class="flex items-baseline gap-2.5">
                        <input type="checkbox" name="left[]" value="{{ $one->id }}"
                            @checked(in_array((string) $one->id, (array) old('left'), true))>
                        <span><b>{{ $one->lot->name }}</b> <span class="tabular">× {{ $one->pieces }}</span>
                            <span class="text-ink-soft">{{ $one->says() }}</span></span>
                    </label>
                @endforeach
                <p class="hint">{{ __('plan/next-box.take-along-hint') }}</p>
            </fieldset>
        @endif

        <div class="flex flex-wrap gap-3">
            <button class="button go">{{ $isNew ? __('plan/views/form.put-it-on-the-shelf')
                : __('plan/views/form.save-the-changes') }}</button>
            <a class="button" href="{{ $isNew ? route('shelf') : route('boxes.show', $box) }}">{{
                __('plan/views/form.cancel') }}</a>
        </div>
    </form>
</x-layout>

@php
    $isNew = ! $box->exists;
    $mm = fn (?int $tenths) => $tenths === null ? ''
        : $write->mm($tenths);
    $currency = auth()->user()->crew->currency;
    $alike = $currency->equals($guide->terms->sendingGift->currency);
    $gift = $isNew ? ($alike ? $guide->terms->sendingGift : null) : $box->sending_gift;
    $chosen = array_map('strtolower', array_filter((array) old('colours', $box->palette->hexes()), is_string(...)));
    $ownColour = collect($chosen)->first(fn ($hex) => ! $swatches->has($hex));
@endphp
<x-layout :title="$isNew ? 'New box' : 'Change '.$box->theme" station="shelf">
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
            <h1>{{ $isNew ? 'New box' : 'Change “'.$box->theme.'”' }}</h1>
            <p class="text-ink-soft">Planned by the guide of {{ $guide->edition->drive }}, {{ $guide->edition->dated }}.
            </p>
            @if ($idea !== null)<p>{{ __('plan/ideas.with-idea', ['name' => $idea->name]) }}</p>@endif
        </div>

        <fieldset class="cut grid gap-3 p-5">
            <legend class="sr-only">For whom</legend>
            <h2>For whom</h2>
            <div class="grid gap-2.5 sm:grid-cols-3" role="radiogroup" aria-label="Age band">
                @foreach ($guide->audience->bands as $band)
                    <label class="tile">
                        <input type="radio" name="band" value="{{ $band->id() }}" required
                            @checked(old('band', $box->band) === $band->id())><span
                                class="figure text-xl">{{ $band->label() }}</span><span class="text-ink-soft">years
                                old</span>
                    </label>
                @endforeach
            </div>
            <x-wrong name="band" />
            <div class="grid gap-2.5 sm:grid-cols-3" role="radiogroup" aria-label="Girl or boy">
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
            <legend class="sr-only">Which box</legend>
            <h2>Which box</h2>
            <div class="grid gap-2.5 sm:grid-cols-2" role="radiogroup" aria-label="Box kind">
                @foreach ($boxKinds as $kind)
                    <label class="tile">
                        <input type="radio" name="box_kind" value="{{ $kind->id }}" required
                            @checked(old('box_kind', $box->box_kind ?? 'straight-card') === $kind->id)>
                        <span class="font-semibold">{{ $kind->name }}</span>
                        <span class="tabular">{{ $kind->insideMm() }} mm inside</span>
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
                    <span class="font-semibold">Measure my own</span>
                    <span class="text-ink-soft">Take the inside, with a tape or a ruler.</span>
                </label>
            </div>
            <x-wrong name="box_kind" />
            @if ($errors->has('box_kind') && $box->exists)<label class="flex gap-2">
                    <input type="checkbox" name="new_box" value="1"> I take another box; its tasks start again
                    </label>@endif
            <div class="own-measures grid gap-3 border-t-[1.5px] border-line pt-3">
                <div class="grid gap-3 sm:grid-cols-3">
                    <x-field name="length" label="Inside length" :value="old('length', $mm($box->own_size?->length))"
                        autocomplete="off" />
                    <x-field name="width" label="Inside width" :value="old('width', $mm($box->own_size?->width))"
                        autocomplete="off" />
                    <x-field name="height" label="Inside height" :value="old('height', $mm($box->own_size?->height))"
                        autocomplete="off" />
                </div>
                <div class="grid gap-3 sm:grid-cols-3">
                    <x-field name="floor_length" label="Floor length"
                        :value="old('floor_length', $mm($box->own_floor_length_tenths))" autocomplete="off" />
                    <x-field name="floor_width" label="Floor width"
                        :value="old('floor_width', $mm($box->own_floor_width_tenths))" autocomplete="off" />
                    <p class="hint self-end">
                        The floor only where the box narrows downwards; leave it empty where the walls are upright.
                    </p>
                </div>
                <p class="hint">Type 318, 31.8 cm or 12 1/2 in; a bare number is millimetres.</p>
            </div>
        </fieldset>

        <fieldset class="cut grid gap-3 p-5">
            <legend class="sr-only">Theme and budget</legend>
            <h2>Theme and budget</h2>
            <div class="grid gap-3 sm:grid-cols-[2fr_1fr_1fr] sm:items-end">
                <x-field name="theme" label="Theme" required maxlength="200" :value="old('theme', $box->theme)"
                    autocomplete="off" />
                <x-field name="budget" :label="'Budget ('.$currency->code.')'" inputmode="decimal"
                    :value="old('budget', $box->budget?->typed())" autocomplete="off" placeholder="none" />
                <x-field name="sending_gift" :label="'Shipping gift ('.$currency->code.')'" inputmode="decimal"
                    :value="old('sending_gift', $gift?->typed())" autocomplete="off" :required="! $alike" />
            </div>
            <p class="hint">
                {{ __($alike ? 'plan/boxes.gift-asked' : 'plan/boxes.gift-abroad',
                    ['gift' => $guide->terms->sendingGift->format().' '.$guide->terms->sendingGift->currency->code,
                        'code' =>
                    $currency->code]) }}
            </p>
            <div x-data="palette">
                <p class="font-semibold" id="colours-label">Up to three colours</p>
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
                        <span>your own</span>
                    </label>
                    <label class="colour-tile" x-cloak>
                        <input type="color" class="size-6" value="{{ $ownColour ?? '#888888' }}" x-on:input="takeOwn">
                        <span>another…</span>
                    </label>
                </div>
                <x-wrong name="colours" />
                @foreach ([0, 1, 2] as $index)<x-wrong :name="'colours.'.$index" />@endforeach
            </div>
            @if ($isNew)
                <label class="flex items-start gap-2.5">
                    <input type="checkbox" name="from_guide" value="1" class="mt-1.5"
                        @checked(old('from_guide', ! session()->hasOldInput() && ! $hasStash))>
                    <span>Put all that the guide asks for on the box's list to
                        buy<br><span class="text-ink-soft">For one shopping trip. What you pick from the stash comes off
                            the list again.</span></span>
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
            <button class="button go">{{ $isNew ? 'Put it on the shelf' : 'Save the changes' }}</button>
            <a class="button" href="{{ $isNew ? route('shelf') : route('boxes.show', $box) }}">Cancel</a>
        </div>
    </form>
</x-layout>

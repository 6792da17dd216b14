@php
    $bands = $guide['bands'];
    $flags = array_column($guide['flags'], null, 'trait');
    $places = implode("\n",
        array_map(
            fn ($place) => implode(', ', array_filter([$place['name'], $place['closes'], $place['hours'] ?? null])),
            $guide['handIn']['places'] ?? [],
        ));
@endphp
<x-layout :title="__('guides/views/edit.change-drive', ['drive' => $guide['drive']])" station="shelf">
    <div class="mx-auto max-w-6xl">
        <h1>{{ __('guides/views/edit.change-guide', ['guide' => $guide['drive']]) }}</h1>
        <p class="pb-3 text-ink-soft">
            {{ __('guides/views/edit.your-own-guide-what-you') }}
            <a class="link" href="{{ route('guides.show', $own->slug) }}">{{
                __('guides/views/edit.back-to-the-guide') }}</a>
        </p>
        <x-wrong name="guide" />
        <form method="post" action="{{ route('guides.update', $own->slug) }}" id="guide-form"
            class="grid items-start gap-3.5 wide:grid-cols-[1.7fr_1fr]" data-draft="guide-{{ $own->version }}"
            data-draft-back="{{ __('answer.draft') }}">
            @csrf
            @method('put')
            <input type="hidden" name="was" value="{{ $was }}">
            <input type="hidden" name="shown" value="{{ count($bands) }}">
            <div class="grid min-w-0 gap-3.5">
                <section class="cut grid gap-3 p-4 sm:grid-cols-2" aria-labelledby="about">
                    <h2 id="about" class="sm:col-span-2">{{ __('guides/views/edit.the-drive') }}</h2>
                    <x-field name="drive" :label="__('guides/views/edit.drive')" maxlength="160" required
                        :value="old('drive', $guide['drive'])" />
                    <x-field name="season" :label="__('guides/views/edit.season')" maxlength="160" required
                        :value="old('season', $guide['season'])" />
                    <x-field name="source" :label="__('guides/views/edit.where-the-rules-are-from')" maxlength="400"
                        required
                        :value="old('source', $guide['source'])" />
                    <x-field name="dated" :label="__('guides/views/edit.dated')" type="date" required
                        :value="old('dated', $guide['dated'])" />
                    <x-field name="sending_gift" :label="__('guides/views/edit.shipping-gift-code',
                        ['code' => $guide['currency']])" inputmode="decimal"
                        required :value="old('sending_gift', $guide['sendingGift'])" />
                    <x-field name="bands" :label="__('guides/views/edit.age-groups-separated-by-commas')" required
                        :value="old('bands', implode(', ', $bands))" />
                    <x-field name="most_asked" :label="__('guides/views/edit.most-asked')"
                        :value="old('most_asked', implode(', ', $guide['mostAsked'] ?? []))" />
                    <x-field name="from" :label="__('guides/views/edit.hand-in-from-month-day')" required
                        :value="old('from', $guide['handIn']['from'])" />
                    <x-field name="to" :label="__('guides/views/edit.to-month-day')" required
                        :value="old('to', $guide['handIn']['to'])" />
                    <x-field name="place" :label="__('guides/views/edit.main-place')" required
                        :value="old('place', $guide['handIn']['place'])" />
                    <x-field name="label_fields" :label="__('guides/views/edit.what-the-label-asks-for')"
                        :value="old('label_fields', implode(', ', $guide['labelFields'] ?? []))" />
                    <x-field class="sm:col-span-2" name="places"
                        :label="__('guides/views/edit.places-with-their-own-last')">
                        <textarea class="input" id="places" name="places"
                            rows="2">{{ old('places', $places) }}</textarea></x-field>
                </section>
                @foreach (['needs' => __('guides/views/edit.must-haves'),
                    'wishes' => __('guides/views/edit.wishes')] as $list => $title)
                    @php($rows = [...$guide[$list], ['id' => '', 'name' => '', 'anyOf' => [], 'count' => []],
                        ['id' => '', 'name' => '', 'anyOf' => [], 'count' => []]])
                    <section class="cut px-4 py-3" aria-labelledby="edit-{{ $list }}">
                        <h2 id="edit-{{ $list }}">{{ $title }}</h2>
                        <p class="hint">
                            {{ __('guides/views/edit.any-one-of-the-kinds') }}
                        </p>
                        @foreach ($rows as $index => $need)
                            @php($at = "{$list}[{$index}]")
                            @php($old = old("{$list}.{$index}"))
                            <fieldset class="guide-need">
                                <legend class="sr-only">{{ $need['name'] === '' ? __('guides/views/edit.a-new-one')
                                    : $need['name'] }}
                                </legend>
                                <input type="hidden" name="{{ $at }}[id]" value="{{ $need['id'] }}">
                                @foreach ($need['genders'] ?? [] as $gender)<input type="hidden"
                                    name="{{ $at }}[genders][]" value="{{ $gender }}">@endforeach
                                <label>
                                    {{ __('guides/views/edit.name') }}<input class="input" name="{{ $at }}[name]"
                                        maxlength="80"
                                        value="{{ $old['name'] ?? $need['name'] }}">
                                </label>
                                @foreach ($bands as $place => $band)
                                    <label>
                                        {{ $band }}<input class="input" name="{{ $at }}[count][{{ $place }}]"
                                            inputmode="numeric" maxlength="2"
                                            value="{{ $old['count'][$place] ?? ($need['count'][$band] ?? '') }}">
                                    </label>
                                @endforeach
                                @foreach ($need['usual'] ?? [] as $band => $usual)<input type="hidden"
                                    name="{{ $at }}[usual][{{ array_search($band, $bands, true) }}]"
                                    value="{{ $usual }}">@endforeach
                                <label class="kinds">
                                    {{ __('guides/guides.kinds') }}<textarea class="input" name="{{ $at }}[kinds]"
                                        rows="{{ max(1, min(4, count($need['anyOf'] ?? []))) }}">{{ $old['kinds']
                                            ?? $write->need($need) }}</textarea>
                                </label>
                            </fieldset>
                        @endforeach
                    </section>
                @endforeach
                <section class="cut px-4 py-3" aria-labelledby="edit-flags">
                    <h2 id="edit-flags">{{ __('guides/views/edit.what-is-flagged') }}</h2>
                    @foreach ($choices->traits as $trait)
                        @php($flag = $flags[$trait->value] ?? null)
                        @php($at = "flags[{$trait->value}]")
                        @php($old = old("flags.{$trait->value}"))
                        <fieldset class="guide-flag">
                            <legend class="sr-only">{{ __("gather/stash.traits.{$trait->value}") }}</legend>
                            <label><span class="font-semibold">{{ __("gather/stash.traits.{$trait->value}") }}</span>
                                <select class="input" name="{{ $at }}[weight]">
                                    <option value="">{{ __('guides/views/edit.nothing-said') }}</option>
                                    @foreach (['bar', 'hazard', 'ask', 'tip'] as $weight)<option value="{{ $weight }}"
                                        @selected(($old['weight'] ?? $flag['weight']
                                            ?? '') === $weight)>{{ mb_strtolower(__("plan/gauges.weights.{$weight}")) }}
                                            </option>@endforeach
                                </select></label>
                            <label>
                                {{ __('guides/views/edit.why') }}<input class="input" name="{{ $at }}[why]"
                                    maxlength="200"
                                    value="{{ $old['why'] ?? $flag['why'] ?? '' }}">
                            </label>
                            <label>
                                {{ __('guides/views/edit.instead') }}<input class="input" name="{{ $at }}[remedy]"
                                    maxlength="200"
                                    value="{{ $old['remedy'] ?? $flag['remedy'] ?? '' }}">
                            </label>
                            <span class="bands">@foreach ($bands as $place => $band)<label
                                class="flex items-center
                                gap-1.5"><input type="checkbox" name="{{ $at }}[bands][{{ $place }}]" value="1"
                                    @checked($old ? isset($old['bands'][$place])
                                        : ($flag !== null && in_array($band, $flag['bands'] ?? $bands, true)))>
                                        {{ $band }}</label>@endforeach</span>
                        </fieldset>
                    @endforeach
                </section>
            </div>
            <aside class="cut px-4 py-3 wide:sticky wide:top-3" aria-labelledby="try">
                <h2 id="try">{{ __('guides/views/edit.tried-on-a-box') }}</h2>
                @if ($boxes->isEmpty())
                    <p class="text-ink-soft">{{ __('guides/views/edit.plan-a-box-and-see') }}</p>
                @else
                    <label class="font-semibold" for="trial-box">{{ __('guides/views/edit.which') }}</label>
                    <select class="input" id="trial-box" name="box" hx-put="{{ route('guides.trial', $own->slug) }}"
                        hx-include="#guide-form" hx-target="#trial" hx-swap="outerHTML" hx-sync="this:replace"
                        hx-trigger="load, change, change delay:300ms from:#guide-form">
                        @foreach ($boxes as $box)<option value="{{ $box->id }}">{{ $box->theme }}</option>@endforeach
                    </select>
                    <div class="mt-3">
                        <div id="trial" role="status"><p class="text-ink-soft">{{
                            __('guides/views/edit.what-would-change-for-it') }}</p>
                        </div>
                    </div>
                @endif
                @error('unguarded')
                    <div class="mt-3" role="alert">
                        <p class="wrong">{{ $message }}</p>
                        <label class="mt-1 flex items-center gap-2">
                            <input type="checkbox" name="knowing" value="1"> {{ __('guides/guides.knowing') }}
                        </label>
                    </div>
                @enderror
                <button class="button go mt-4 w-full">{{ __('guides/views/edit.save-the-guide') }}</button>
            </aside>
        </form>
        <details class="mt-4">
            <summary class="link text-ink-soft">{{ __('guides/views/edit.delete-this-guide') }}</summary>
            <form method="post" action="{{ route('guides.destroy', $own->slug) }}"
                class="cut mt-2 grid max-w-md gap-3 p-4">@csrf @method('delete')<p>
                    {{ __('guides/views/edit.it-is-gone-for-good') }}</p><button class="button warn">
                    {{ __('guides/views/edit.delete-it') }}</button></form>
        </details>
    </div>
</x-layout>

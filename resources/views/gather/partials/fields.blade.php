{{-- One lot, described: used in the stash and on the spot while picking. Asks for the kind first, as it fills in the
     rest; where that is known, the price is what is still to be said. --}}
@php
    $typed = fn (string $field,
        mixed $default = '') => is_array($text = old($field, request()->input($field, $default))) === is_array($default)
            ? $text : $default;
    $mm = $write->mm(...);
    $size = $lot !== null && $lot->kind === $kind?->id ? $lot->size : $kind?->body->size;
    $isLike = $last !== null && request()->boolean('like');
    $size = $isLike ? $last->lot->size : $size;
    $currency = $hand->currency();
    $traits = array_map(fn ($trait) => $trait->value,
        $lot !== null && $lot->kind === $kind?->id ? $lot->traits : $kind->care->traits ?? []);
    // After a refusal what was typed stands; after a change of kind the new kind's own measures do.
    $isRefused = $errors->getBag($bag)->isNotEmpty();
    // A name that came with a kind goes with it; one that was given stays.
    $isNamedByKind = request()->input('named_by') !== null && request()->input('named_by') === request()->input('name')
        && ! $isRefused;
    $measure = fn (string $side) => $isRefused ? $typed($side) : $mm($size->{$side});
@endphp

<x-field name="kind" :label="__('gather/kinds.ask')" :$bag id="f-kind">
    <x-kind-input :$kind :typed="$asked" id="f-kind" required :data-focus="$kind === null"
        hx-get="{{ $kindAddress }}" hx-target="{{ $kindTarget }}" hx-swap="outerMorph" hx-trigger="change"
        hx-include="#f-name, #f-named-by, #f-price, #f-pieces, #f-free, #f-source, #f-place, #f-got-on,
            #f-quantity, #thing [name='pick'], #thing [name='from']" />
</x-field>
<noscript><button class="button small mt-2" formmethod="get" formaction="{{ $kindAddress }}" formnovalidate>
        {{ __('gather/kinds.change') }}</button></noscript>
@if ($kind === null && $asked !== '')
    @include('gather.partials.likely-kinds')
@endif

@if ($lot?->desk)
    <p class="mt-2"><a class="link" href="{{ route('price-desk').'?'.$lot->desk }}">{{
        __('gather/views/partials/fields.how-its-price-came-about') }}</a></p>
@endif
@if ($kind === null)
    <p class="mt-3 text-ink-soft">{{ __('gather/views/partials/fields.the-kind-brings-its-usual') }}</p>
@else
    <div class="mt-3 grid gap-x-3 gap-y-3 sm:grid-cols-6">
        <x-field class="sm:col-span-6" name="name" :label="__('gather/views/partials/fields.what-it-is-called')" :$bag
            id="f-name" required maxlength="200"
            :value="$isNamedByKind ? $kind->name : $typed('name', $lot->name ?? $kind->name)" />
        <input type="hidden" name="named_by" id="f-named-by" value="{{ $kind->name }}">
        <x-field class="sm:col-span-2" name="price" :label="__('gather/views/partials/fields.total-paid-code',
            ['code' => $currency->code])" :$bag id="f-price"
            inputmode="decimal" :data-focus="$kind !== null" :value="$typed('price', $lot?->paid?->typed())"
                :placeholder="__('gather/views/partials/fields.not-known')" />
        <x-field class="sm:col-span-2" name="pieces" :label="__('gather/views/partials/fields.for-how-many')" :$bag
            id="f-pieces" type="number" min="1"
            max="10000" required :value="$typed('pieces', $lot->pieces ?? $count ?? 1)" />
        @if ($count !== null)
            <x-field class="sm:col-span-2" name="quantity" :label="__('gather/views/partials/fields.into-this-box')"
                :$bag id="f-quantity" type="number"
                min="1" max="100" required :value="$typed('quantity', $count)" />
        @endif
        <div class="sm:col-span-6">
            <label class="flex items-center gap-2">
                <input type="checkbox" id="f-free" name="is_free" value="1"
                    @checked($typed('is_free', $lot?->price_state->value === 'free'))> {{
                        __('gather/views/partials/fields.it-was-free') }}
            </label>
        </div>
        <x-field class="sm:col-span-2" name="source" :label="__('gather/views/partials/fields.where-from')" :$bag
            id="f-source">
            <select class="input" id="f-source" name="source">
                @foreach ($choices->sources as $source)
                    <option value="{{ $source->value }}"
                        @selected($typed('source',
                            $lot?->source->value) === $source->value)>{{ __("gather/stash.sources.{$source->value}") }}
                            </option>
                @endforeach
            </select>
        </x-field>
        <x-field class="sm:col-span-2" name="place" :label="__('gather/views/partials/fields.place-or-giver')" :$bag
            id="f-place" maxlength="200"
            :value="$typed('place', $lot?->place)" />
        <input type="hidden" name="desk" value="{{ $typed('desk', $lot?->desk) }}">
        <x-field class="sm:col-span-2" name="got_on" :label="__('gather/views/partials/fields.when')" :$bag
            id="f-got-on" type="date" required
            :value="$typed('got_on', $lot?->got_on->toDateString() ?? $write->today()->toDateString())" />
        @foreach (['length' => __('gather/views/partials/fields.length'),
            'width' => __('gather/views/partials/fields.width'),
            'height' => __('gather/views/partials/fields.height')] as $side => $word)
            <x-field class="sm:col-span-2" :name="$side" :label="$word" :$bag :id="'f-'.$side" required
                :value="$measure($side)" />
        @endforeach
        <p class="hint sm:col-span-6">
            {{ __('gather/views/partials/fields.in-mm-or-as-you') }} <span class="whitespace-nowrap">{{
                __('gather/views/partials/fields.11-5-cm') }}</span>,
            <span class="whitespace-nowrap">{{ __('gather/views/partials/fields.4-1-2-in') }}</span>.
        </p>
        <div class="flex flex-wrap items-center gap-x-6 gap-y-2 sm:col-span-6">
            <label class="flex items-center gap-2">
                <input type="checkbox" name="is_measured" value="1"
                    @checked($isLike || $typed('is_measured', $lot?->is_measured && $lot->kind === $kind->id))>
                    {{ __('gather/stash.measuring.by-hand') }}
            </label>
            @if ($last !== null && ! $isLike)
                <button class="button small" name="like" value="1" formmethod="get" formaction="{{ $kindAddress }}"
                    formnovalidate
                    hx-get="{{ $kindAddress }}?like=1" hx-target="{{ $kindTarget }}" hx-swap="outerMorph"
                    hx-include="closest form">{{ $last->says() }}</button>
            @endif
        </div>
        <details class="sm:col-span-6">
            <summary class="link">{{ __('gather/stash.measuring.how') }}</summary>
            <p class="mt-1">{{ __("gather/stash.measuring.{$kind->handling->form->value}") }}</p>
        </details>
        @if ($kind->care->isWorn)
            <x-field class="sm:col-span-3" name="size_label"
                :label="__('gather/views/partials/fields.size-on-the-label')" :$bag id="f-size" maxlength="100"
                :value="$typed('size_label', $lot?->size_label)" />
        @endif
        <details class="sm:col-span-6"
            @if ($errors->getBag($bag)->hasAny(['colours', 'colours.*', 'packaged_length', 'packaged_width',
                'packaged_height', 'materials', 'minutes', 'list_price', 'pack_pieces', 'due_on', 'traits', 'note',
                'tags', 'kept', 'holds', 'packs_as', 'smallest',
                'cord', 'grams', 'hollow', 'mouth'])) open @endif>
            <summary class="link">
                {{ __('gather/views/partials/fields.what-it-is-like-traits', [
                    'traits' => $traits === [] ? __('gather/views/partials/fields.nothing-special')
                    : implode(', ', array_map(fn ($trait) => __("gather/stash.traits.{$trait}"), $traits)),
                ]) }}
            </summary>
            <fieldset class="mt-2 grid gap-x-4 gap-y-1 sm:grid-cols-3">
                <legend class="sr-only">{{ __('gather/views/partials/fields.what-it-is-like') }}</legend>
                @foreach ($choices->traits as $trait)
                    <label class="flex items-center gap-2">
                        <input type="checkbox" name="traits[]" value="{{ $trait->value }}"
                            @checked(in_array($trait->value, $isRefused ? (array) $typed('traits', []) : $traits,
                                true))> {{ __("gather/stash.traits.{$trait->value}") }}
                    </label>
                @endforeach
            </fieldset>
            <div class="mt-3 grid gap-3 sm:grid-cols-2">
                <x-field name="due_on" :label="__('gather/views/partials/fields.ordered-and-due-on')" :$bag
                    id="f-due-on" type="date"
                    :value="$typed('due_on', $lot?->due_on?->toDateString())" />
                <x-field name="list_price" :label="__('gather/views/partials/fields.list-price-of-all')" :$bag
                    id="f-list-price" inputmode="decimal"
                    :value="$typed('list_price', $lot?->list?->typed())" />
                <x-field name="pack_pieces" :label="__('gather/views/partials/fields.in-the-shops-pack')" :$bag
                    id="f-pack" inputmode="numeric"
                    :placeholder="__('gather/views/partials/fields.not-known')"
                        :value="$typed('pack_pieces', $lot?->pack_pieces)" />
                <x-field name="tags" :label="__('gather/views/partials/fields.tags-separated-by-commas')" :$bag
                    id="f-tags" maxlength="300"
                    :value="$typed('tags', $lot?->tags)" />
                <x-field name="kept" :label="__('gather/views/partials/fields.where-it-is-kept')" :$bag id="f-kept"
                    maxlength="200"
                    :placeholder="__('gather/views/partials/fields.closet-blue-tub')"
                        :value="$typed('kept', $lot?->kept)" />
            </div>
            <p class="mt-3 font-semibold" id="f-colours">{{
                __('gather/views/partials/fields.up-to-three-colours') }}</p>
            <div role="group" aria-labelledby="f-colours" class="mt-1.5 flex flex-wrap gap-2">
                @foreach ($choices->colours() as $hex => $colour)
                    <x-colour-tile :$hex :name="$colour"
                        :checked="in_array($hex, $isRefused ? (array) $typed('colours', []) : $lot?->colours->hexes() ??
                        [], true)" />
                @endforeach
            </div>
            @if ($errors->getBag($bag)->hasAny(['colours', 'colours.*']))<p class="wrong">
                    {{ $errors->getBag($bag)->first('colours') ?: $errors->getBag($bag)->first('colours.*') }}</p>@endif
            <div class="mt-3 grid items-end gap-3 sm:grid-cols-4">
                @foreach (['length' => __('gather/views/partials/fields.length-in-its-packaging'),
                    'width' => __('gather/views/partials/fields.width'),
                    'height' => __('gather/views/partials/fields.height')] as $side => $word)
                    <x-field :name="'packaged_'.$side" :label="$word" :$bag :id="'f-packaged-'.$side"
                        :value="$typed('packaged_'.$side, $lot?->packaged ? $mm($lot->packaged->{$side}) : '')"
                        autocomplete="off" />
                @endforeach
                <label class="flex items-center gap-2 pb-2">
                    <input type="checkbox" name="is_packaged" value="1"
                        @checked($isRefused ? $typed('is_packaged') : $lot?->is_packaged)> {{
                            __('gather/views/partials/fields.goes-in-that-way') }}
                </label>
            </div>
            <div class="mt-3 grid gap-3 sm:grid-cols-[2fr_1fr]">
                <x-field name="materials" :label="__('gather/views/partials/fields.where-it-was-made-of')" :$bag
                    id="f-materials" maxlength="300"
                    :value="$typed('materials', $lot?->materials)" />
                <x-field name="minutes" :label="__('gather/views/partials/fields.and-in-how-many-minutes')" :$bag
                    id="f-minutes" inputmode="numeric"
                    :value="$typed('minutes', $lot?->minutes)" />
            </div>
            @if ($lot?->is_kit)
                <p class="mt-3 font-semibold">{{ __('gather/kits.holds',
                    ['things' => $write->inside($lot->thing()->inside)]) }}</p>
                <p class="hint">{{ __('gather/kits.made-here') }}</p>
            @else
                <x-field class="mt-3" name="holds" :label="__('gather/views/partials/fields.what-each-holds-a-kit')"
                    :hint="__('gather/views/partials/fields.one-a-line-how-many')"
                    :$bag id="f-holds">
                    <textarea class="input" id="f-holds" name="holds" rows="3" maxlength="1000"
                        aria-describedby="f-holds-hint">{{ $typed('holds',
                            $lot ? $write->contents($lot->thing()->inside) : '') }}</textarea>
                </x-field>
            @endif
            @include('gather.partials.said')
            <x-field class="mt-3" name="note" :label="__('gather/views/partials/fields.note')" :$bag id="f-note">
                <textarea class="input" id="f-note" name="note" rows="2"
                    maxlength="1000">{{ $typed('note', $lot?->note) }}</textarea>
            </x-field>
        </details>
    </div>
@endif

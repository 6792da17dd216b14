<x-layout :title="__('gather/views/pocket.in-the-shop')" station="gather">
    <x-gather-tabs on="pocket" />
    <div x-data="pocket" data-limits="{{ json_encode($limits) }}" data-send="{{ route('pocket.later') }}"
        data-token="{{ route('pocket.token') }}" data-crew="{{ $hand->id() }}"
        data-words="{{ json_encode(['kept' => __('gather/pocket.kept'), 'sent' => __('gather/pocket.sent'),
            'unknown' => __('gather/pocket.unknown')]) }}"
        class="mx-auto grid
        max-w-xl gap-3.5">
        <div>
            <h1>{{ __('gather/views/pocket.in-the-shop') }}</h1>
            <p class="text-ink-soft">
                {{ __('gather/views/pocket.works-without-a-signal-once', [
                    'taken' => $write->moment($taken),
                    'code' => $currency->code,
                ]) }}
            </p>
        </div>
        <p class="wrong" role="status" id="no-signal" x-show="isOffline" x-cloak>{{ __('gather/pocket.no-signal') }}</p>
        <p class="wrong" role="status" id="signed-out" x-show="isSignedOut" x-cloak>
            <span>{{ __('gather/pocket.signed-out') }}
                <a class="link" href="{{ route('sign-in') }}">{{ __('gather/pocket.sign-in') }}</a></span>
        </p>
        <p class="wrong" role="status" id="unsafe" x-show="isUnsafe" x-cloak>{{ __('gather/pocket.unsafe') }}</p>
        <p class="wrong" role="status" id="not-kept" x-show="isNotKept" x-cloak>{{ __('gather/pocket.not-kept') }}</p>
        <form class="cut grid gap-3 p-4" x-on:submit.prevent="keep">
            <x-field name="kind" :label="__('gather/views/pocket.what-kind-of-thing')"><x-kind-input required
                x-on:input="look" x-on:change="look" x-ref="kind" /></x-field>
            <x-field name="pieces" :label="__('gather/views/pocket.in-the-pack')">
                <input class="input" id="pieces" name="pieces" type="number" min="1" max="10000" value="1" required
                    x-on:input="look" x-ref="pieces">
            </x-field>
            <div aria-live="polite" id="limits" class="min-h-24">
                <p x-show="hasLimits" x-cloak>
                    <span class="text-ink-soft">{{ __('gather/views/pocket.buy-up-to') }}</span> <b
                        class="figure text-4xl" x-text="buy"></b>
                    <span class="text-ink-soft">{{ __('gather/views/pocket.fair-up-to') }}</span> <b
                        class="figure text-2xl" x-text="fair"></b>
                </p>
                <p x-show="hasEachOnly" x-cloak>
                    {{ __('gather/views/pocket.up-to') }} <b class="figure text-2xl" x-text="each"></b> {{
                        __('gather/views/pocket.a-piece-this-size-of') }}
                </p>
                <p x-show="hasNothing" x-cloak>{{ __('gather/views/pocket.no-target-and-no-price') }}</p>
                <p x-show="isNeeded" x-cloak>{{ __('gather/views/pocket.you-still-need-to-buy') }} <b
                    x-text="needed"></b>.</p>
            </div>
            <x-field name="source" :label="__('gather/views/pocket.where-from')">
                <select class="input" id="source" name="source" x-ref="source">
                    @foreach ($choices->sources as $source)
                        <option value="{{ $source->value }}" @selected($source->value === 'shop')>
                            {{ __("gather/stash.sources.{$source->value}") }}
                        </option>
                    @endforeach
                </select>
            </x-field>
            <div class="grid grid-cols-2 gap-2.5">
                <x-field name="price" :label="__('gather/views/pocket.paid-for-the-pack')"><input class="input"
                    id="price" name="price"
                    inputmode="decimal" autocomplete="off" x-ref="price"></x-field>
                <x-field name="place" :label="__('gather/views/pocket.where')"><input class="input" id="place"
                    name="place" maxlength="80"
                    autocomplete="off" x-ref="place"></x-field>
            </div>
            <button class="button go">{{ __('gather/pocket.keep') }}</button>
        </form>
        <section class="cut p-4" aria-labelledby="waiting" x-show="hasWaiting" x-cloak>
            <h2 id="waiting">{{ __('gather/views/pocket.waiting-to-be-sent') }}</h2>
            <ul>
                <template x-for="entry in waiting" x-bind:key="entry.key"><li
                    class="border-t-[1.5px] border-line py-1.5 first:border-t-0"><span x-text="entry.says"></span>
                    <span class="wrong" x-show="entry.wrong" x-text="entry.wrong"></span>
                    <button type="button" class="link" x-on:click="mend" x-bind:data-key="entry.key">
                        {{ __('gather/pocket.mend') }}
                        </button> <button type="button" class="link" x-on:click="drop" x-bind:data-key="entry.key">
                        {{ __('gather/pocket.drop') }}</button></li></template>
            </ul>
            <button type="button" class="button small mt-2" x-on:click="send">{{
                __('gather/views/pocket.send-now') }}</button>
        </section>
        <p class="said" role="status" id="sent" x-text="sent"></p>
    </div>
    <noscript><p class="cut mx-auto mt-3 max-w-xl p-4">
            {{ __('gather/views/pocket.this-page-needs-scripts-the') }} <a href="{{ route('price-desk') }}">{{
                __('gather/views/pocket.price-check') }}</a> {{ __('gather/views/pocket.does-not') }}</p></noscript>
</x-layout>

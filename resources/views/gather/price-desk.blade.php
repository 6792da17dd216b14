<x-layout :title="__('gather/views/price-desk.price-check')" station="gather">
    <x-gather-tabs on="price-desk" />
    @fragment('desk')
        <div id="desk" class="mx-auto grid max-w-5xl gap-4 wide:grid-cols-2">
            <form action="{{ route('price-desk') }}" class="cut grid content-start gap-3 p-4"
                hx-get="{{ route('price-desk') }}" hx-target="#desk" hx-swap="outerMorph" hx-replace-url="true"
                hx-sync="this:replace" hx-trigger="change, submit">
                <h1>{{ __('gather/views/price-desk.price-check') }}</h1>
                <div class="grid grid-cols-[1fr_auto] gap-2.5">
                    <x-field name="kind" :label="__('gather/views/price-desk.kind-of-thing')"
                        :wrong="$desk->wrong->first('kind')">
                        <x-kind-input :kind="$desk->kind" :typed="$desk->asked"
                            :aria-invalid="$desk->wrong->has('kind') ? 'true' : false"
                            :aria-describedby="$desk->wrong->has('kind') ? 'kind-wrong' : false" />
                    </x-field>
                    <x-field name="band" :label="__('gather/views/price-desk.for')">
                        <select class="input" id="band" name="band">
                            <option value="">{{ __('gather/views/price-desk.any-age-group') }}</option>
                            @foreach ($bands as $one)<option value="{{ $one->id() }}"
                                @selected($band?->id() === $one->id())>{{ $one->label() }}</option>@endforeach
                        </select>
                    </x-field>
                </div>
                <div class="grid grid-cols-3 gap-2.5">
                    <x-field name="price" :label="__('gather/views/price-desk.pack-code', ['code' => $currency->code])"
                        inputmode="decimal"
                        :value="$desk->price" :wrong="$desk->wrong->first('price')" autocomplete="off" />
                    <x-field name="packs" :label="__('gather/views/price-desk.packs')" inputmode="numeric"
                        :value="$desk->packs"
                        :wrong="$desk->wrong->first('packs')" autocomplete="off" />
                    <x-field name="pieces" :label="__('gather/views/price-desk.in-a-pack')" inputmode="numeric"
                        :value="$desk->pieces"
                        :wrong="$desk->wrong->first('pieces')" autocomplete="off" />
                </div>
                <fieldset class="grid gap-2">
                    <legend class="mb-1 font-semibold">{{ __('gather/views/price-desk.discounts-in-order') }}</legend>
                    @foreach ([...$desk->steps, ['kind' => null, 'text' => '']] as $index => $step)
                        <div class="grid grid-cols-[1fr_7rem] gap-2">
                            <label class="sr-only" for="step-{{ $index }}">{{ __('gather/views/price-desk.cut-index', [
                                'index' => $index + 1,
                            ]) }}</label>
                            <select class="input" id="step-{{ $index }}" name="step[]">
                                @foreach ($choices->steps as $kind)
                                    <option value="{{ $kind->value }}" @selected($step['kind'] === $kind)>
                                        {{ __("gather/desk.steps.{$kind->value}") }}
                                    </option>
                                @endforeach
                            </select>
                            <label class="sr-only" for="value-{{ $index }}">{{
                                __('gather/views/price-desk.how-much-cut-index', [
                                'index' => $index + 1,
                            ]) }}</label>
                            <input class="input" id="value-{{ $index }}" name="value[]" value="{{ $step['text'] }}"
                                autocomplete="off"
                                    placeholder="{{ $index === 0 ? __('gather/views/price-desk.30-or-2-1') : '' }}"
                                @if ($desk->wrong->has("value.{$index}")) aria-invalid="true"
                                aria-describedby="value-{{ $index }}-wrong" @endif>
                        </div>
                        @if ($desk->wrong->has("value.{$index}"))
                            <p class="wrong" id="value-{{ $index }}-wrong">{{ $desk->wrong->first("value.{$index}") }}
                            </p>
                        @endif
                    @endforeach
                    @if ($desk->wrong->has('steps'))
                        <p class="wrong">{{ $desk->wrong->first('steps') }}</p>
                    @endif
                    <label class="flex items-center gap-2">
                        <input type="checkbox" name="tax_first" value="1" @checked($desk->taxBeforeCoupon)> {{
                            __('gather/views/price-desk.tax-is-worked-out-before') }}
                    </label>
                </fieldset>
                <x-field name="claim" :label="__('gather/views/price-desk.check-a-price-someone-told')"
                    inputmode="decimal" :value="$desk->claim"
                    :wrong="$desk->wrong->first('claim')" autocomplete="off" />
                <button class="button go">{{ __('gather/views/price-desk.work-it-out') }}</button>
            </form>

            <section class="cut p-4" aria-label="{{ __('gather/views/price-desk.what-it-comes-to') }}"
                aria-live="polite">
                @include('gather.partials.desk-answer')
            </section>
        </div>
    @endfragment
</x-layout>

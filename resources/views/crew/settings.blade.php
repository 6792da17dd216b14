<x-layout :title="__('crew/settings.title')">
    <div class="mx-auto grid max-w-3xl gap-3.5">
        <div>
            <h1>{{ __('crew/settings.title') }}</h1>
            <p class="text-ink-soft">{{ __('crew/settings.lead', ['crew' => $page->crew->name]) }}</p>
        </div>

        <x-lights :$scheme class="cut p-5">
            <legend class="mb-2 font-semibold">{{ __('crew/settings.light') }}</legend>
        </x-lights>

        <x-setting which="lengths" :says="__('crew/settings.lengths-says')" :was="$page->crew->printed('units')">
            <fieldset>
                <legend class="font-semibold">{{ __('crew/settings.lengths') }}</legend>
                <div class="mt-2 grid gap-2 sm:grid-cols-3">
                    @foreach ($page->lengths() as $unit => $sample)
                        <label class="tile">
                            <input type="radio" name="units" value="{{ $unit }}" required
                                @checked(old('units', $page->crew->units->value) === $unit)>
                            <span class="font-semibold">{{ __("crew/settings.units.{$unit}") }}</span>
                            <span class="tabular text-ink-soft">{{ $sample }}</span>
                        </label>
                    @endforeach
                </div>
                <x-wrong name="units" />
            </fieldset>
        </x-setting>

        <x-setting which="figures" :was="$page->crew->printed('locale')">
            <x-field name="locale" :label="__('crew/settings.figures')">
                <select class="input" id="locale" name="locale">
                    @foreach ($page->figures() as $locale => $sample)
                        <option value="{{ $locale }}" @selected(old('locale', $page->crew->locale) === $locale)>
                            {{ $sample }}</option>
                    @endforeach
                </select>
            </x-field>
        </x-setting>

        <x-setting which="time-zone" :says="__('crew/settings.time-zone-says')"
            :was="$page->crew->printed('time_zone')">
            <x-field name="time_zone" :label="__('crew/settings.time-zone')">
                <select class="input" id="time_zone" name="time_zone">
                    @foreach ($page->zones() as $zone)
                        <option value="{{ $zone }}" @selected(old('time_zone', $page->crew->time_zone) === $zone)>
                            {{ $page->zone($zone) }}</option>
                    @endforeach
                </select>
            </x-field>
        </x-setting>

        @if ($page->mayChangeCurrency())
            <x-setting which="currency" :says="__('crew/settings.currency-says')"
                :was="$page->crew->printed('currency')">
                <x-field name="currency" :label="__('crew/settings.currency')">
                    <select class="input" id="currency" name="currency">
                        @foreach ($page->currencies() as $code => $name)
                            <option value="{{ $code }}"
                                @selected(old('currency', $page->crew->currency->code) === $code)>
                                {{ $name }} ({{ $code }})</option>
                        @endforeach
                    </select>
                </x-field>
            </x-setting>
        @else
            <section class="cut p-5" aria-labelledby="currency-title">
                <h2 id="currency-title" class="font-sans text-base font-semibold">
                    {{ __('crew/settings.currency') }}</h2>
                <p class="mt-1"><b class="figure">{{ $page->crew->currency->code }}</b></p>
                <p class="text-ink-soft">{{ __('crew/settings.currency-stays') }}</p>
                <x-wrong name="currency" />
            </section>
        @endif

        <nav class="cut p-5" aria-label="{{ __('crew/settings.more') }}">
            <p class="font-semibold">{{ __('crew/settings.more') }}</p>
            <ul class="mt-2 flex flex-wrap gap-x-6 gap-y-2">
                <li><a class="link" href="{{ route('evening') }}#habits">{{ __('crew/settings.habits') }}</a></li>
                <li><a class="link" href="{{ route('guides') }}">{{ __('crew/settings.guide') }}</a></li>
                <li><a class="link" href="{{ route('people') }}">{{ __('crew/people.title') }}</a></li>
                <li><a class="link" href="{{ route('account') }}">{{ __('crew/people.account') }}</a></li>
                <li><button type="button" class="link" data-opens-keys>{{ __('crew/settings.keys') }}</button></li>
            </ul>
        </nav>
    </div>
</x-layout>

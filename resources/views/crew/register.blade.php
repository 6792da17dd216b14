<x-layout :title="__('crew/views/register.start-a-crew')">
    <form method="post" action="{{ route('register') }}" class="cut mx-auto mt-6 grid max-w-lg gap-4 p-6">
        @csrf
        <input type="hidden" name="time_zone" data-time-zone>
        <div>
            <h1>{{ __('crew/views/register.start-a-crew') }}</h1>
            <p class="text-ink-soft">{{ __('crew/views/register.a-crew-shares-one-stash') }}</p>
        </div>
        <x-field name="crew" :label="__('crew/views/register.name-of-the-crew')"
            :hint="__('crew/views/register.a-family-a-club-or')" required maxlength="200"
            :value="old('crew')" />
        <x-field name="name" :label="__('crew/views/register.your-name')" required maxlength="200" :value="old('name')"
            autocomplete="name" />
        <x-field name="email" :label="__('crew/views/register.e-mail')" type="email" required maxlength="300"
            :value="old('email')"
            autocomplete="email" />
        <x-field name="currency" :label="__('crew/views/register.currency')"
            :hint="__('crew/views/register.for-every-price-of-yours')">
            <select class="input" id="currency" name="currency" aria-describedby="currency-hint">
                @foreach ($currencies as $code => $name)
                    <option value="{{ $code }}" @selected(old('currency', $usual) === $code)>{{ $name }} ({{ $code }})
                    </option>
                @endforeach
            </select>
        </x-field>
        <x-field name="locale" :label="__('crew/views/register.number-format')"
            :hint="__('crew/views/register.it-can-be-changed-later')">
            <select class="input" id="locale" name="locale" aria-describedby="locale-hint">
                @foreach ($samples as $locale => $sample)
                    <option value="{{ $locale }}" @selected(old('locale', $usualLocale) === $locale)>{{ $sample }}
                    </option>
                @endforeach
            </select>
        </x-field>
        <x-field name="password" :label="__('crew/views/register.password')"
            :hint="__('crew/views/register.at-least-10-characters')" type="password" required
            autocomplete="new-password" />
        <div class="flex flex-wrap items-center gap-4">
            <button class="button go">{{ __('crew/views/register.start-packing') }}</button>
            <a class="link" href="{{ route('sign-in') }}">{{ __('crew/views/register.i-have-an-account') }}</a>
        </div>
    </form>
</x-layout>

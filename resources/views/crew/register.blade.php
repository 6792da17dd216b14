<x-layout title="Start a crew">
    <form method="post" action="{{ route('register') }}" class="cut mx-auto mt-6 grid max-w-lg gap-4 p-6">
        @csrf
        <input type="hidden" name="time_zone" data-time-zone>
        <div>
            <h1>Start a crew</h1>
            <p class="text-ink-soft">A crew shares one stash and one shelf. Nobody else sees them.</p>
        </div>
        <x-field name="crew" label="Name of the crew" hint="A family, a club, or just you." required maxlength="200"
            :value="old('crew')" />
        <x-field name="name" label="Your name" required maxlength="200" :value="old('name')" autocomplete="name" />
        <x-field name="email" label="E-mail" type="email" required maxlength="300" :value="old('email')"
            autocomplete="email" />
        <x-field name="currency" label="Currency"
            hint="For every price of yours; it stays as it is from here on.">
            <select class="input" id="currency" name="currency" aria-describedby="currency-hint">
                @foreach ($currencies as $code => $name)
                    <option value="{{ $code }}" @selected(old('currency', $usual) === $code)>{{ $name }} ({{ $code }})
                    </option>
                @endforeach
            </select>
        </x-field>
        <x-field name="locale" label="Number format" hint="It can be changed later in your menu.">
            <select class="input" id="locale" name="locale" aria-describedby="locale-hint">
                @foreach ($samples as $locale => $sample)
                    <option value="{{ $locale }}" @selected(old('locale', $usualLocale) === $locale)>{{ $sample }}
                    </option>
                @endforeach
            </select>
        </x-field>
        <x-field name="password" label="Password" hint="At least 10 characters." type="password" required
            autocomplete="new-password" />
        <div class="flex flex-wrap items-center gap-4">
            <button class="button go">Start packing</button>
            <a class="link" href="{{ route('sign-in') }}">I have an account</a>
        </div>
    </form>
</x-layout>

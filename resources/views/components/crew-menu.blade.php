<details class="menu relative">
    <summary class="button small list-none">
        <span class="max-sm:hidden">{{ auth()->user()->crew->name }}</span><span class="sm:hidden">{{
            __('components/crew-menu.menu') }}</span>
    </summary>
    <div class="cut absolute right-0 z-20 mt-1 grid w-64 gap-3 p-4">
        <p>{{ __('components/crew-menu.signed-in-as') }} <b>{{ auth()->user()->name }}</b></p>
        <form method="post" action="{{ route('scheme') }}">
            @csrf
            <fieldset>
                <legend class="mb-1 text-ink-soft">{{ __('components/crew-menu.light-on-the-table') }}</legend>
                <div class="flex gap-2">
                    @foreach (['auto' => __('components/crew-menu.auto'), 'light' => __('components/crew-menu.day'),
                        'dark' => __('components/crew-menu.lamp')] as $value => $name)
                        <button class="button small" name="scheme" value="{{ $value }}" @if ($scheme === $value)
                            aria-pressed="true" @endif>
                            {{ $name }}@if ($scheme === $value) ✓@endif
                        </button>
                    @endforeach
                </div>
            </fieldset>
        </form>
        <form method="post" action="{{ route('figures') }}">
            @csrf
            @method('put')
            <input type="hidden" name="was" value="{{ auth()->user()->crew->printed('locale') }}">
            <label class="text-ink-soft" for="figures">{{ __('components/crew-menu.number-format') }}</label>
            <div class="mt-1 flex gap-2">
                <select class="input small" id="figures" name="locale">
                    @foreach ($samples as $locale => $sample)<option value="{{ $locale }}"
                        @selected(auth()->user()->crew->locale === $locale)>{{ $sample }}</option>@endforeach
                </select>
                <button class="button small">{{ __('components/crew-menu.save') }}</button>
            </div>
        </form>
        <a class="link" href="{{ route('help') }}">{{ __('crew/help.title') }}</a>
        <a class="link" href="{{ route('account') }}">{{ __('crew/people.account') }}</a>
        <a class="link" href="{{ route('people') }}">{{ __('crew/people.title') }}</a>
        <a class="link" href="{{ route('lately') }}">{{ __('crew/lately.title') }}</a>
        <a class="link" href="{{ route('time-zone') }}">{{ __('components/crew-menu.time-zone-zone', [
            'zone' => str_replace('_', ' ', auth()->user()->crew->time_zone),
        ]) }}</a>
        <button type="button" class="link text-left" data-opens-keys>{{ __('components/crew-menu.keys') }}</button>
        <form method="post" action="{{ route('sign-out') }}">
            @csrf
            <button class="button small">{{ __('components/crew-menu.sign-out') }}</button>
        </form>
    </div>
</details>

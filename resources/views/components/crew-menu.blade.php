<details class="menu relative">
    <summary class="button small list-none">
        <span class="max-sm:hidden">{{ $hand->crew()->name }}</span><span class="sm:hidden">{{
            __('components/crew-menu.menu') }}</span>
    </summary>
    <div class="cut absolute right-0 z-20 mt-1 grid w-64 gap-3 p-4">
        <p>{{ __('components/crew-menu.signed-in-as') }} <b>{{ auth()->user()->name }}</b></p>
        <x-lights :$scheme button="button small">
            <legend class="mb-1 text-ink-soft">{{ __('components/crew-menu.light-on-the-table') }}</legend>
        </x-lights>
        <a class="link" href="{{ route('help') }}">{{ __('crew/help.title') }}</a>
        <a class="link" href="{{ route('account') }}">{{ __('crew/people.account') }}</a>
        <a class="link" href="{{ route('people') }}">{{ __('crew/people.title') }}</a>
        <a class="link" href="{{ route('lately') }}">{{ __('crew/lately.title') }}</a>
        <a class="link" href="{{ route('settings') }}">{{ __('crew/settings.title') }}</a>
        <button type="button" class="link text-left" data-opens-keys>{{ __('components/crew-menu.keys') }}</button>
        <form method="post" action="{{ route('sign-out') }}">
            @csrf
            <button class="button small">{{ __('components/crew-menu.sign-out') }}</button>
        </form>
    </div>
</details>

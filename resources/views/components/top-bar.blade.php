@props(['station'])

<header class="no-print mx-auto flex max-w-[100rem] flex-wrap items-center gap-x-5 gap-y-2 px-4 py-2.5 wide:px-6">
    <a href="{{ auth()->check() ? route('shelf') : route('welcome') }}"
        class="flex items-center gap-2 font-display text-[1.32rem] font-bold no-underline">
        <x-mark class="h-9 w-10" />
        {{ config('app.name') }}
    </a>

    @auth
        <nav aria-label="{{ __('components/top-bar.stations-of-the-year') }}"
            class="path order-last w-full wide:order-none wide:w-auto">
            @foreach (['gather' => __('components/top-bar.gather'), 'shelf' => __('components/top-bar.plan'),
                'pack' => __('components/top-bar.pack'), 'send' => __('components/top-bar.send')] as $route => $name)
                <a href="{{ route($route) }}" data-key="{{ $loop->iteration }}" class="max-sm:!px-1"
                    @if ($station === $route) aria-current="page" @endif>
                    <kbd aria-hidden="true">{{ $loop->iteration }}</kbd>{{ $name }}
                </a>
            @endforeach
        </nav>

        <form action="{{ route('find') }}" role="search" class="ml-auto hidden w-60 sm:block">
            <label class="sr-only" for="find">{{ __('components/top-bar.find-a-box-or-a') }}</label>
            <input class="input" id="find" type="search" name="q" maxlength="80" placeholder="{{
                __('components/top-bar.find-a-box-or-a-2') }}"
                data-key="/" autocomplete="off">
        </form>
        <a href="{{ route('find') }}" class="button small ml-auto sm:hidden">{{ __('components/top-bar.find') }}</a>

        <p class="hidden text-ink-soft min-[85rem]:block">
            @if ($daysToHandIn === 0)
                {{ __('components/top-bar.hand-in-is') }} <b class="text-ink">{{ __('components/top-bar.open') }}</b>{{
                    __('components/top-bar.everywhere-until-day', [
                    'day' => $handInEnds,
                ]) }}
            @else
                <b class="text-ink">{{ trans_choice('plan/boxes.days', $daysToHandIn) }}</b> {{
                    __('components/top-bar.to-hand-in-at-place', [
                    'place' => $handInPlace,
                ]) }}
            @endif
        </p>

        <x-crew-menu />
    @else
        <a href="{{ route('sign-in') }}" class="link ml-auto">{{ __('components/top-bar.sign-in') }}</a>
    @endauth
</header>

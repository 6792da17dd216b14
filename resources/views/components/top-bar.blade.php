@props(['station'])

<header class="no-print mx-auto flex max-w-[100rem] flex-wrap items-center gap-x-5 gap-y-2 px-4 py-2.5 wide:px-6">
    <a href="{{ auth()->check() ? route('shelf') : route('welcome') }}"
        class="flex items-center gap-2 font-display text-[1.32rem] font-bold no-underline">
        <x-mark class="h-9 w-10" />
        {{ config('app.name') }}
    </a>

    @auth
        <nav aria-label="Stations of the year" class="path order-last w-full wide:order-none wide:w-auto">
            @foreach (['gather' => 'Gather', 'shelf' => 'Plan', 'pack' => 'Pack', 'send' => 'Send'] as $route => $name)
                <a href="{{ route($route) }}" data-key="{{ $loop->iteration }}" class="max-sm:!px-1"
                    @if ($station === $route) aria-current="page" @endif>
                    <kbd aria-hidden="true">{{ $loop->iteration }}</kbd>{{ $name }}
                </a>
            @endforeach
        </nav>

        <form action="{{ route('find') }}" role="search" class="ml-auto hidden w-60 sm:block">
            <label class="sr-only" for="find">Find a box or a piece</label>
            <input class="input" id="find" type="search" name="q" maxlength="80" placeholder="Find a box or a piece  /"
                data-key="/" autocomplete="off">
        </form>
        <a href="{{ route('find') }}" class="button small ml-auto sm:hidden">Find</a>

        <p class="hidden text-ink-soft min-[85rem]:block">
            @if ($daysToHandIn === 0)
                Hand-in is <b class="text-ink">open</b>, everywhere until {{ $handInEnds }}
            @else
                <b class="text-ink">{{ trans_choice('plan/boxes.days', $daysToHandIn) }}</b> to hand-in at
                {{ $handInPlace }}
            @endif
        </p>

        <x-crew-menu />
    @else
        <a href="{{ route('sign-in') }}" class="link ml-auto">Sign in</a>
    @endauth
</header>

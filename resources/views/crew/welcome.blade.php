<x-layout :title="__('crew/views/welcome.welcome')">
    <div class="grid items-center gap-8 py-6 wide:grid-cols-[1fr_1.05fr] wide:py-10">
        <div>
            <h1 class="text-[2.6rem] leading-[1.05] sm:text-[3.2rem]">{{
                __('crew/views/welcome.a-box-for-a-child') }}</h1>
            <p class="mt-4 max-w-xl text-xl">
                {{ __('crew/views/welcome.plucky-wren-does-the-measuring') }}
            </p>
            <div class="mt-7 flex flex-wrap items-center gap-3">
                @if ($demo)
                    <form method="post" action="{{ route('demo') }}">
                        @csrf<button class="button go min-h-12 px-6 text-lg">{{
                            __('crew/views/welcome.open-the-demo-table') }}</button>
                    </form>
                @endif
                <a class="button min-h-12 px-6 text-lg" href="{{ route('register') }}">{{
                    __('crew/views/welcome.start-a-crew') }}</a>
                <a class="link" href="{{ route('sign-in') }}">{{ __('crew/views/welcome.sign-in') }}</a>
            </div>
            @if ($demo)
                <p class="mt-3 text-ink-soft">{{ __('crew/views/welcome.the-demo-table-is-made') }}</p>
            @endif
        </div>
        <x-open-box :$drawing class="w-full" />
    </div>
    <div>
        <ul class="grid gap-3 sm:grid-cols-2 wide:grid-cols-4">
            @foreach ([
                'must-haves' => [
                    __('crew/views/welcome.must-haves'),
                    __('crew/views/welcome.the-drive-guide-as-data'),
                ],
                'money' => [
                    __('crew/views/welcome.money'),
                    __('crew/views/welcome.a-pack-divided-to-the'),
                ],
                'room' => [
                    __('crew/views/welcome.room'),
                    __('crew/views/welcome.every-piece-placed-in-the'),
                ],
                'flags' => [
                    __('crew/views/welcome.flags'),
                    __('crew/views/welcome.what-the-guide-bars-what'),
                ],
            ] as $gauge => [$name, $says])
                <li class="cut p-4">
                    <x-shapes.sample :$gauge class="h-12" />
                    <h2 class="mt-2">{{ $name }}</h2>
                    <p class="mt-1">{{ $says }}</p>
                </li>
            @endforeach
        </ul>
    </div>
</x-layout>

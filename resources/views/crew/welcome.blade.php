<x-layout title="Welcome">
    <div class="grid items-center gap-8 py-6 wide:grid-cols-[1fr_1.05fr] wide:py-10">
        <div>
            <h1 class="text-[2.6rem] leading-[1.05] sm:text-[3.2rem]">A box for a child, packed with a clear head.</h1>
            <p class="mt-4 max-w-xl text-xl">
                Plucky Wren does the measuring, the sums and the records of gift box packing: what is still missing,
                what it really cost, whether the lid closes, and what would be taken out.
            </p>
            <div class="mt-7 flex flex-wrap items-center gap-3">
                @if ($demo)
                    <form method="post" action="{{ route('demo') }}">
                        @csrf<button class="button go min-h-12 px-6 text-lg">Open the demo table</button>
                    </form>
                @endif
                <a class="button min-h-12 px-6 text-lg" href="{{ route('register') }}">Start a crew</a>
                <a class="link" href="{{ route('sign-in') }}">Sign in</a>
            </div>
            @if ($demo)
                <p class="mt-3 text-ink-soft">The demo table is made up: eight boxes, a full stash, nothing real.</p>
            @endif
        </div>
        <x-open-box :$drawing class="w-full" />
    </div>
    <div>
        <ul class="grid gap-3 sm:grid-cols-2 wide:grid-cols-4">
            @foreach ([
                'must-haves' => [
                    'Must-haves',
                    'The drive guide as data: needs filled of needs asked for, by age, and what is missing by name.',
                ],
                'money' => [
                    'Money',
                    'A pack divided to the exact cent a piece. What has no price is named, never taken as nothing.',
                ],
                'room' => [
                    'Room',
                    'Every piece placed in the box, in an order you can follow. '
                        .'A lid is only said to close when it does.',
                ],
                'flags' => [
                    'Flags',
                    'What the guide bars, what might hurt a small child. Cautions, with what to do instead.',
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

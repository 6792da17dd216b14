<section class="grid gap-5 wide:grid-cols-[1.2fr_1fr]">
    <div class="cut p-6">
        <h2 class="text-[1.6rem]">Your first box</h2>
        <p class="mt-2">
            You need nothing in the stash to begin. Plan a box straight from the drive guide's list, go shopping once,
            and pack it at the table.
        </p>
        <ol class="mt-5 grid gap-4">
            @foreach ([
                'Say for whom' => 'A band of years, girl or boy, and a theme that holds it together.',
                'Take the list shopping' => 'The box comes with all that '.$guide->edition->drive
                    .' asks for, as a list to buy. Print it as a check sheet.',
                'Write down what you got' =>
                    'What was paid and for how many: every cent finds its box, and the rest stays in your stash.',
                'See that it fits' => 'The open box shows where each piece goes, and whether the lid closes.',
            ] as $step => $says)
                <li class="flex gap-3.5">
                    <span class="figure grid size-9 shrink-0 place-items-center rounded-full border-[1.5px] border-ink
                        bg-next text-[#14312b]">{{ $loop->iteration }}</span>
                    <span><b>{{ $step }}.</b> {{ $says }}</span>
                </li>
            @endforeach
        </ol>
        <div class="mt-6 flex flex-wrap gap-3">
            <a class="button go" href="{{ route('boxes.create') }}" data-key="n">Plan your first box
                <kbd aria-hidden="true">N</kbd></a>
            <a class="button" href="{{ route('lots.create') }}">I have things already</a>
        </div>
    </div>
    <div class="cut p-6">
        <h2>Four gauges, always the same</h2>
        <p class="mt-2 text-ink-soft">Every box carries them. Each thing you pick moves them.</p>
        <dl class="mt-5 grid gap-4">
            @foreach ([
                'must-haves' => 'What this child needs and the drive asks for.',
                'money' => 'What it really cost, piece by piece, shipping gift included.',
                'room' => 'Whether it all goes in and the lid closes, in what order.',
                'flags' => 'What would be taken out, or hurt a small child.',
            ] as $gauge => $says)
                <div class="grid grid-cols-[7rem_1fr] items-center gap-4">
                    <dt class="sr-only">{{ __("plan/gauges.{$gauge}") }}</dt>
                    <dd class="contents">
                        <x-shapes.sample :$gauge class="h-11" /><span><b
                            class="block">{{ __("plan/gauges.{$gauge}") }}</b>{{ $says }}</span>
                    </dd>
                </div>
            @endforeach
        </dl>
    </div>
</section>

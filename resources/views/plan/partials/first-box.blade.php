<section class="grid gap-5 wide:grid-cols-[1.2fr_1fr]">
    <div class="cut p-6">
        <h2 class="text-[1.6rem]">{{ __('plan/views/partials/first-box.your-first-box') }}</h2>
        <p class="mt-2">
            {{ __('plan/views/partials/first-box.you-need-nothing-in-the') }}
        </p>
        <ol class="mt-5 grid gap-4">
            @foreach ([
                __('plan/views/partials/first-box.say-for-whom') =>
                    __('plan/views/partials/first-box.a-band-of-years-girl'),
                __('plan/views/partials/first-box.take-the-list-shopping') =>
                    __('plan/views/partials/first-box.the-box-comes-with-all', ['drive' => $guide->edition->drive]),
                __('plan/views/partials/first-box.write-down-what-you-got') =>
                    __('plan/views/partials/first-box.what-was-paid-and-for'),
                __('plan/views/partials/first-box.see-that-it-fits') =>
                    __('plan/views/partials/first-box.the-open-box-shows-where'),
            ] as $step => $says)
                <li class="flex gap-3.5">
                    <span class="figure grid size-9 shrink-0 place-items-center rounded-full border-[1.5px] border-ink
                        bg-next text-[#14312b]">{{ $loop->iteration }}</span>
                    <span><b>{{ $step }}.</b> {{ $says }}</span>
                </li>
            @endforeach
        </ol>
        <div class="mt-6 flex flex-wrap gap-3">
            <a class="button go" href="{{ route('boxes.create') }}" data-key="n">{{
                __('plan/views/partials/first-box.plan-your-first-box') }}
                <kbd aria-hidden="true">N</kbd></a>
            <a class="button" href="{{ route('lots.create') }}">{{
                __('plan/views/partials/first-box.i-have-things-already') }}</a>
        </div>
    </div>
    <div class="cut p-6">
        <h2>{{ __('plan/views/partials/first-box.four-gauges-always-the-same') }}</h2>
        <p class="mt-2 text-ink-soft">{{ __('plan/views/partials/first-box.every-box-carries-them-each') }}</p>
        <dl class="mt-5 grid gap-4">
            @foreach ([
                'must-haves' => __('plan/views/partials/first-box.what-this-child-needs-and'),
                'money' => __('plan/views/partials/first-box.what-it-really-cost-piece'),
                'room' => __('plan/views/partials/first-box.whether-it-all-goes-in'),
                'flags' => __('plan/views/partials/first-box.what-would-be-taken-out'),
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

<x-layout :title="__('pack/day.title')" station="pack">
    @fragment('day')
        <div id="day" hx-get="{{ route('day') }}" hx-trigger="every 15s" hx-target="#day" hx-swap="outerMorph"
            hx-sync="#day:drop">
            <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
                <div>
                    <h1>{{ __('pack/day.title') }}</h1>
                    <p class="text-ink-soft">{{ __('pack/day.lead') }}</p>
                </div>
                <p class="text-xl font-semibold" id="day-counts">{{ __('pack/day.counts', ['packed' => $page->packed,
                    'open' => $page->open, 'people' => $page->people]) }}</p>
            </div>
            <x-wrong name="name" />
            @if ($page->boxes === [])
                <p class="cut p-5">{{ __('pack/day.none') }}
                    <a class="link" href="{{ route('boxes.create') }}">{{ __('pack/day.plan') }}</a></p>
            @endif
            <div class="grid items-start gap-3.5 wide:grid-cols-[1fr_18rem]">
                <ul class="grid gap-3.5 md:grid-cols-2 xl:grid-cols-3" id="day-boxes">
                    @foreach ($page->boxes as $one)
                        @php($box = $one['sheet']->box)
                        <li class="cut grid content-start gap-2 p-4">
                            <div class="flex items-baseline justify-between gap-2">
                                <h2 class="text-xl"><a class="link" href="{{ route('boxes.show', $box) }}">
                                    {{ $box->theme }}</a></h2>
                                <span class="text-ink-soft">{{ __('pack/day.box', ['number' => $box->number]) }},
                                    {{ $one['stage'] }}</span>
                            </div>
                            <x-next-step :next="$one['next']" :about="$box->theme" />
                            @if ($box->stage->isOpen())
                                <x-mini-gauges :gauges="$one['sheet']->gauges" />
                                <p class="text-sm text-ink-soft">
                                    {{ trans_choice('pack/day.missing', $one['missing']) }} ·
                                    {{ trans_choice('pack/day.tasks', $one['tasks']) }}</p>
                                <p class="flex flex-wrap gap-x-4">
                                    <a class="link" href="{{ route('boxes.prepare', $box) }}">
                                        {{ __('pack/day.prepare') }}<span class="sr-only">: {{ $box->theme }}</span></a>
                                    <a class="link" href="{{ route('bench', $box) }}">
                                        {{ __('pack/day.bench') }}<span class="sr-only">: {{ $box->theme }}</span></a>
                                </p>
                                @forelse ($one['who'] as $name)
                                    <form method="post" action="{{ route('day.leave', $box) }}"
                                        class="flex items-center justify-between gap-2">
                                        @csrf
                                        @method('delete')
                                        <b class="day-seat">{{ $name }}</b>
                                        <button class="button small" name="name" value="{{ $name }}">
                                            {{ __('pack/day.leave') }}<span class="sr-only">: {{ $name }}</span>
                                        </button>
                                    </form>
                                @empty
                                    <p class="text-sm text-ink-soft">{{ __('pack/day.nobody') }}</p>
                                @endforelse
                                <form method="post" action="{{ route('day.sit', $box) }}"
                                    class="flex items-center gap-2">
                                    @csrf
                                    <label class="sr-only" for="who-{{ $box->id }}">{{ __('pack/day.who') }}:
                                        {{ $box->theme }}</label>
                                    <input class="input small min-w-0 grow" id="who-{{ $box->id }}" name="name"
                                        maxlength="40" placeholder="{{ __('pack/day.who') }} ({{
                                        __('pack/day.who-hint') }})" autocomplete="off">
                                    <button class="button small shrink-0">{{ __('pack/day.sit') }}<span
                                        class="sr-only">: {{ $box->theme }}</span></button>
                                </form>
                            @endif
                        </li>
                    @endforeach
                </ul>
                <section class="cut p-4" aria-labelledby="short">
                    <h2 id="short">{{ __('pack/day.short') }}</h2>
                    @if ($page->short === [])<p>{{ __('pack/day.short-nothing') }}</p>@endif
                    <ul>
                        @foreach ($page->short as $line)
                            <li class="flex items-center gap-2 border-t-[1.5px] border-line py-1.5 first:border-t-0">
                                <x-glyph :lane="$line->kind->category" :kind="$line->kind" class="size-6 shrink-0" />
                                <span class="grow">{{ $line->kind->name }}</span>
                                <b class="figure">{{ __('pack/day.short-one', ['count' => $line->toBuy()]) }}</b>
                            </li>
                        @endforeach
                    </ul>
                </section>
            </div>
        </div>
    @endfragment
</x-layout>

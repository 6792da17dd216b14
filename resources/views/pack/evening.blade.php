<x-layout :title="__('pack/evening.title')" station="pack">
    <div class="mx-auto max-w-4xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div>
                <h1>{{ __('pack/evening.title') }}</h1>
                <p class="text-ink-soft">{{ __('pack/evening.says') }}</p>
            </div>
            @if ($page->work !== [])<button type="button" class="button no-print" data-print hidden>
                {{ __('pack/evening.print') }}</button>@endif
        </div>
        @if ($page->boxes !== [])
            <form method="get" action="{{ route('evening') }}" class="cut no-print mb-3.5 grid gap-3 px-4 py-3">
                <fieldset>
                    <legend class="font-semibold">{{ __('pack/evening.which') }}</legend>
                    <div class="flex flex-wrap gap-x-5">
                        @foreach ($page->open as $box)
                            <label class="flex items-center gap-2 py-1"><input type="checkbox" name="with[]"
                                value="{{ $box->id }}" @checked(in_array($box, $page->boxes, true))>
                                {{ $box->theme }}</label>
                        @endforeach
                    </div>
                </fieldset>
                <div class="flex flex-wrap items-end gap-3">
                    <x-field name="people" :label="__('pack/evening.people')" :hint="__('pack/evening.people-hint')"
                        :value="implode(', ', $page->people)" maxlength="400" autocomplete="off" class="grow" />
                    <button class="button">{{ __('pack/evening.share') }}</button>
                </div>
            </form>
        @endif
        @if ($page->people !== [])
            <ul class="flex flex-wrap gap-x-6 pb-3 font-semibold">
                @foreach ($page->minutes() as [$name, $minutes])<li>{{ __('pack/evening.minutes',
                    ['name' => $name, 'count' => $minutes]) }}</li>@endforeach
            </ul>
        @endif
        @if ($page->kits !== [])
            <section class="cut mb-3.5 px-4 py-3" aria-labelledby="kits">
                <div class="flex flex-wrap items-baseline gap-x-3">
                    <h2 id="kits">{{ __('pack/evening.kits') }}</h2>
                    <p class="text-ink-soft">{{ __('pack/evening.kits-says') }}</p>
                </div>
                <ul class="evening mt-1">
                    @foreach ($page->kits as [$holder, $riders])
                        <li><span>{{ __('pack/evening.fill', ['holder' => $holder->planned()->name, 'what' => implode(
                            ', ', array_map(fn ($piece) => $piece->planned()->name, $riders))]) }}</span>
                            <span class="text-ink-soft">{{ $holder->box->theme }}</span>
                            <b>{{ $page->whoFills($holder) }}</b></li>
                    @endforeach
                </ul>
            </section>
        @endif
        @foreach ($page->work as $value => $pieces)
            <section class="cut mb-3.5 px-4 py-3" aria-labelledby="task-{{ $value }}">
                <div class="flex flex-wrap items-baseline gap-x-3">
                    <h2 id="task-{{ $value }}">{{ ucfirst(__("pack/tasks.name.{$value}")) }}</h2>
                    <p class="grow text-ink-soft">{{ count($pieces) }}, {{ __("pack/tasks.why.{$value}") }}</p>
                    <form method="post" action="{{ route('evening.all', $value) }}" class="no-print">
                        @csrf
                        @method('put')
                        @foreach ($pieces as $piece)<input type="hidden" name="pieces[]" value="{{ $piece->id }}">
                            @endforeach
                        <button class="button small">{{ __('pack/evening.all-done') }}<span
                            class="sr-only">: {{ __("pack/tasks.name.{$value}") }}</span></button>
                    </form>
                </div>
                <ul class="evening mt-1">
                    @foreach ($pieces as $piece)
                        <li>
                            @include('pack.partials.task',
                                ['address' => route('tasks.piece', [$piece, $value]), 'says' =>
                                $piece->lot->name.($piece->quantity > 1 ? " × {$piece->quantity}" : ''), 'about' =>
                                __("pack/tasks.name.{$value}"), 'isDone' =>
                                false])<span class="text-ink-soft">{{ $piece->box->theme }}</span>
                            <b>{{ $page->whoDoes($value, $piece) }}</b>
                        </li>
                    @endforeach
                </ul>
            </section>
        @endforeach
        @if ($page->work === [] && $page->kits === [])
            <section class="cut mb-3.5 max-w-2xl p-6">
                <h2>{{ __('pack/evening.nothing') }}</h2>
                <p class="my-3">{{ __('pack/evening.nothing-says') }}</p>
                <a class="button go" href="{{ route('shelf') }}">{{ __('pack/evening.to-shelf') }}</a>
            </section>
        @endif
        @if ($page->boxes !== [])
            <section class="cut mb-3.5 px-4 py-3" aria-labelledby="boxes">
                <div class="flex flex-wrap items-baseline gap-x-3">
                    <h2 id="boxes">{{ __('pack/evening.boxes') }}</h2>
                    <p class="text-ink-soft">{{ __('pack/evening.boxes-says') }}</p>
                </div>
                <ul class="evening mt-1">
                    @foreach ($page->boxes as $box)
                        <li class="flex flex-wrap items-center gap-x-4 py-1"><span class="grow">{{ $box->theme }}</span>
                            <b>{{ $page->whoPacks($box) }}</b>
                            @if ($page->hasLayout($box))<a class="link no-print"
                                href="{{ route('bench.layout', $box) }}">{{ __('pack/evening.layout') }}<span
                                class="sr-only">: {{ $box->theme }}</span></a>@endif
                            <a class="button small no-print" href="{{ route('bench', $box) }}">
                                {{ __('pack/evening.bench') }}<span class="sr-only">: {{ $box->theme }}</span></a></li>
                    @endforeach
                </ul>
            </section>
        @endif
    </div>
</x-layout>

@php
    $rows = $preparation->piecesOf($box);
    $handedIn = $box->handedIn();
@endphp
<x-layout :title="__('pack/views/prepare.prepare-theme-2', ['theme' => $box->theme])" station="shelf">
    <div class="mx-auto max-w-4xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div>
                <h1>{{ __('pack/views/prepare.prepare-theme', ['theme' => $box->theme]) }}</h1>
                <p class="text-ink-soft">
                    {{ $handedIn ? __('pack/tasks.as-handed-in', ['day' => $handedIn->at->format('j M Y')])
                        : trans_choice('pack/tasks.open', $preparation->openOf($box)) }}
                        <a class="link no-print" href="{{ route('boxes.show', $box) }}">{{
                            __('pack/views/prepare.back-to-the-box') }}</a>
                </p>
            </div>
            <button type="button" class="button no-print" data-print hidden>{{
                __('pack/views/prepare.print-the-list') }}</button>
        </div>
        <section class="cut mb-3.5 px-4 py-3" aria-labelledby="pieces">
            <h2 id="pieces">{{ __('pack/views/prepare.the-pieces') }}</h2>
            @if (! $handedIn && ($several = $preparation->atOneGo()) !== [])
                <div class="no-print flex flex-wrap items-center gap-x-3 gap-y-2 py-2" role="group"
                    aria-labelledby="at-one-go">
                    <span class="font-semibold" id="at-one-go">{{ __('pack/views/prepare.at-one-go') }}</span>
                    @foreach ($several as $value => $pieces)
                        <form method="post" action="{{ route('evening.all', $value) }}">
                            @csrf
                            @method('put')
                            @foreach ($pieces as $piece)<input type="hidden" name="pieces[]"
                                value="{{ $piece->id }}">@endforeach
                            <button class="button small">{{ __('pack/views/prepare.task-all-count', [
                                'task' => __("pack/tasks.name.{$value}"), 'count' => count($pieces)]) }}</button>
                        </form>
                    @endforeach
                </div>
            @endif
            @forelse ($rows as [$piece, $tasks])
                <div class="grid gap-x-4 gap-y-1 border-t-[1.5px] border-line py-1.5 sm:grid-cols-[17rem_1fr]
                    sm:items-start">
                    <p class="flex gap-2 sm:pt-1.5">
                        <x-glyph :lane="$piece->itemKind()->category" :kind="$piece->itemKind()"
                            class="size-6 shrink-0"
                            /><b>{{ $piece->lot->name ?? $piece->itemKind()->name }}@if ($piece->quantity > 1) ×
                                    {{ $piece->quantity }}@endif</b>
                    </p>
                    <ul class="flex flex-wrap gap-x-5 gap-y-1">
                        @foreach ($tasks as [$task, $isDone, $some])
                            <li title="{{ __("pack/tasks.why.{$task->value}") }}">
                                @include('pack.partials.task',
                                    ['address' => route('tasks.piece', [$piece, $task->value]), 'says' =>
                                    __("pack/tasks.name.{$task->value}").($some === null ? '' : ' '.
                                    __('pack/tasks.some-done', ['some' => $some, 'all' => $piece->quantity])),
                                    'about' => $piece->lot->name ?? ''])
                            </li>
                        @endforeach
                        @if ($tasks === [])
                            <li class="text-ink-soft">{{ __('pack/tasks.no-work') }}</li>
                        @endif
                        @unless ($handedIn)
                            <li class="no-print ml-auto has-[details[open]]:w-full">
                                @include('pack.partials.work',
                                    ['tasks' => $tasks, 'toAdd' => $preparation->toAdd($piece)])
                            </li>
                        @endunless
                    </ul>
                    @foreach ($preparation->doneTooEarly($piece) as [$early, $missed])
                        <p class="wrong sm:col-start-2">
                            {{ __('pack/tasks.too-early',
                                ['task' => __("pack/tasks.name.{$early->value}"), 'missed' => implode(', ', array_map(fn
                                ($task) => __("pack/tasks.name.{$task->value}"), $missed))]) }}
                        </p>
                    @endforeach
                </div>
            @empty
                <p class="py-2 text-ink-soft">
                    {{ __('pack/views/prepare.nothing-in-this-box-wants') }}
                </p>
            @endforelse
        </section>
        <section class="cut mb-3.5 px-4 py-3" aria-labelledby="the-box">
            <h2 id="the-box">{{ __('pack/views/prepare.the-box-itself') }}</h2>
            <ul class="mt-1 flex flex-wrap gap-x-5 gap-y-1">
                @foreach ($preparation->ofTheBox($box) as $task)
                    <li title="{{ __("pack/tasks.why.{$task->value}") }}">
                        @include('pack.partials.task',
                            ['address' => route('tasks.box', [$box, $task->value]), 'says' =>
                            __("pack/tasks.name.{$task->value}"), 'isDone' => in_array($task, $box->done, true)])
                    </li>
                @endforeach
            </ul>
            @unless ($box->boxKind()->isTub)
            <h3 class="mt-4">{{ __('pack/views/prepare.paper-if-you-wrap-it') }}</h3>
            <p>
                {{ __('pack/views/prepare.a-sheet-of') }} <b class="tabular">{{ $wrapping->base() }}</b> {{
                    __('pack/views/prepare.for-the-base-and-one') }}
                <b class="tabular">{{ $wrapping->lid() }}</b> {{ __('pack/views/prepare.for-the-lid-apart-so') }}
            </p>
            <form action="{{ route('boxes.prepare', $box) }}" class="no-print mt-2 flex flex-wrap items-end gap-2">
                <x-field class="w-36" name="width" :label="__('pack/views/prepare.rolls-width')"
                    :value="$wrapping->width" autocomplete="off" />
                <x-field class="w-36" name="metres" :label="__('pack/views/prepare.its-length-in-m')"
                    inputmode="decimal"
                    :value="$wrapping->metres" autocomplete="off" />
                <button class="button">{{ __('pack/views/prepare.work-it-out') }}</button>
            </form>
            <p @class(['mt-2', 'wrong' => $wrapping->wrong !== '']) role="status">
                {{ $wrapping->wrong !== '' ? $wrapping->wrong : trans_choice('pack/tasks.roll', $wrapping->boxes) }}
            </p>
            @endunless
        </section>
        <details class="no-print" id="habits">
            <summary class="link">{{ __('pack/views/prepare.how-we-like-to-do') }}</summary>
            <form method="post" action="{{ route('habits') }}" class="cut mt-2 grid gap-2 p-4">
                @csrf
                @method('put')
                @foreach ([
                    'bags_puzzles' => $box->crewHabits()->bagsPuzzles,
                    'strips_packaging' => $box->crewHabits()->stripsPackaging,
                    'sends_photos' => $box->crewHabits()->sendsPhotos,
                    'calls_the_roll' => $box->crewHabits()->callsTheRoll,
                ] as $name => $was)
                    <input type="hidden" name="was_{{ $name }}" value="{{ (int) $was }}">
                @endforeach
                <p class="text-ink-soft">{{ __('pack/views/prepare.all-of-these-are-good') }}</p>
                <label class="flex gap-2">
                    <input type="checkbox" name="bags_puzzles" value="1" @checked($box->crewHabits()->bagsPuzzles)>
                    <span>{{ __('pack/views/prepare.puzzles-go-into-a-bag') }}
                        <span class="text-ink-soft">{{ __('pack/views/prepare.else-they-stay-in-their') }}</span></span>
                </label>
                <label class="flex gap-2">
                    <input type="checkbox" name="strips_packaging" value="1"
                        @checked($box->crewHabits()->stripsPackaging)>
                        <span>{{ __('pack/views/prepare.retail-packaging-comes-off') }}
                            <span class="text-ink-soft">{{
                                __('pack/views/prepare.else-it-stays-for-its') }}</span></span>
                </label>
                <label class="flex gap-2">
                    <input type="checkbox" name="sends_photos" value="1" @checked($box->crewHabits()->sendsPhotos)>
                    <span>{{ __('pack/views/prepare.we-send-a-photo-of') }}
                        <span class="text-ink-soft">{{
                            __('pack/views/prepare.else-the-closing-check-does') }}</span></span>
                </label>
                <label class="flex gap-2">
                    <input type="checkbox" name="calls_the_roll" value="1"
                        @checked($box->crewHabits()->callsTheRoll)>
                    <span>{{ __('pack/bench.roll.habit') }}
                        <span class="text-ink-soft">{{ __('pack/bench.roll.habit-else') }}</span></span>
                </label>
                <button class="button justify-self-start">{{ __('pack/views/prepare.save') }}</button>
            </form>
        </details>
    </div>
</x-layout>

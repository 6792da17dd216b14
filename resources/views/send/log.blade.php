<x-layout :title="__('send/log.title')" station="send">
    <div class="mx-auto max-w-6xl">
        <x-send-tabs on="log" />
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div>
                <h1>{{ __('send/log.title') }}</h1>
                <p class="text-ink-soft">{{ __('send/log.what-for') }}</p>
            </div>
        </div>
        <form action="{{ route('log') }}" class="cut mb-3.5 flex flex-wrap items-end gap-3 p-4">
            <x-field class="min-w-0 grow basis-64" name="q" type="search" :label="__('send/log.words')"
                :value="$log->asked->words" maxlength="80" autocomplete="off" />
            @foreach ($log->choices as $name => $choices)
                <div>
                    <label for="{{ $name }}" class="font-semibold">{{ __("send/log.{$name}") }}</label>
                    <select class="input" id="{{ $name }}" name="{{ $name }}">
                        <option value="">{{ __('send/log.all') }}</option>
                        @foreach ($choices as $choice)<option value="{{ $choice }}"
                            @selected($choice === $log->asked->{$name})>{{ $name === 'gender'
                                ? __("people.{$choice}") : str_replace('-', '–', $choice) }}</option>@endforeach
                    </select>
                </div>
            @endforeach
            <button class="button go">{{ __('send/log.look') }}</button>
            @if ($log->asked->isQuestion())
                <a class="button" href="{{ route('log') }}">{{ __('send/log.everything') }}</a>
            @endif
        </form>
        @if ($log->isEmpty())
            <p class="cut p-5">{{ __('send/log.empty') }}</p>
        @else
            @if ($log->map->lines !== [])@include('send.partials.map', ['map' => $log->map])@endif
            <p class="pb-2" role="status">{{ trans_choice('send/log.count', $log->boxes->total()) }}</p>
            <div class="grid grid-cols-1 items-start gap-3.5 wide:grid-cols-[1.6fr_1fr]">
                @if ($log->boxes->isNotEmpty())
                    <section class="cut px-4 py-2" aria-label="{{ __('send/log.title') }}">
                        <ol>
                            @foreach ($log->boxes as $line)
                                <li class="grid gap-x-4 border-t-[1.5px] border-line py-2.5 first:border-t-0
                                    sm:grid-cols-[6rem_1fr]">
                                    <b class="figure">{{ $line->code()->text }}</b>
                                    <div class="min-w-0">
                                        <p><a class="link" href="{{ route('log.box', $line->box_id) }}">
                                            {{ $line->theme }}</a>
                                            <span class="text-ink-soft">{{ __('send/log.for', [
                                                'who' => __("people.{$line->gender->value}"),
                                                'band' => str_replace('-', '–', $line->band)]) }},
                                                {{ __('send/log.by', ['day' => $line->handed_in_on->format('j M Y'),
                                                    'name' => $line->by]) }}</span></p>
                                        @if ($line->country)<p class="flex flex-wrap items-center gap-x-2"><svg
                                            class="drawn" viewBox="0 0 12 12" width="12" height="12" aria-hidden="true"
                                            focusable="false"><circle class="map-dot" cx="6" cy="6" r="5" /></svg>
                                            {{ ucfirst(__('send/track.given-out-in', ['country' =>
                                                $write->country($line->country)])) }}</p>
                                        @elseif ($log->last($line))<p class="text-ink-soft">
                                            {{ ucfirst(__('send/track.step', ['stage' =>
                                            __("send/track.stages.{$log->last($line)->stage->value}"), 'day' =>
                                            $log->last($line)->day->format('j M Y')])) }}</p>@endif
                                        @if ($log->asked->words !== '' && $line->pieces->isNotEmpty())
                                            <p>{{ __('send/log.in-it', ['pieces' => $line->pieces->map(
                                                fn ($piece) => trans_choice($piece->giver === null ? 'send/log.piece'
                                                : 'send/log.piece-from', $piece->quantity, ['name' => $piece->name,
                                                'giver' => $piece->giver]))->implode('; ')]) }}</p>
                                        @endif
                                    </div>
                                </li>
                            @endforeach
                        </ol>
                        @if ($log->boxes->hasPages())
                            <nav class="flex items-center justify-between gap-3 border-t-[1.5px] border-line py-2.5"
                                aria-label="{{ __('send/log.pages') }}">
                                @if ($log->boxes->previousPageUrl())<a class="button small"
                                    href="{{ $log->boxes->previousPageUrl() }}">{{ __('send/log.newer') }}</a>@endif
                                <span class="tabular">{{ __('send/log.page', ['page' => $log->boxes->currentPage(),
                                    'pages' => $log->boxes->lastPage()]) }}</span>
                                @if ($log->boxes->nextPageUrl())<a class="button small"
                                    href="{{ $log->boxes->nextPageUrl() }}">{{ __('send/log.older') }}</a>@endif
                            </nav>
                        @endif
                    </section>
                @endif
                <div class="grid grid-cols-1 gap-3.5">
                    @if ($log->kinds !== [])
                        <section class="cut px-4 py-2" aria-labelledby="kinds">
                            <h2 id="kinds" class="py-1.5">{{ __('send/log.kinds') }}</h2>
                            <ul>
                                @foreach ($log->kinds as $kind)
                                    <li class="flex justify-between gap-3 border-t-[1.5px] border-line py-1.5">
                                        <span>{{ $kind['name'] }}</span>
                                        <span class="text-ink-soft tabular">
                                            {{ trans_choice('send/log.kind', $kind['boxes']) }}</span>
                                    </li>
                                @endforeach
                            </ul>
                        </section>
                    @endif
                    @if ($log->bags->isNotEmpty())
                        <section class="cut px-4 py-2" aria-labelledby="bags">
                            <h2 id="bags" class="py-1.5">{{ __('send/topup.in-log') }}</h2>
                            <ul>
                                @foreach ($log->bags as $bag)
                                    <li class="border-t-[1.5px] border-line py-1.5">{{ $log->bag($bag) }}
                                        <span class="text-ink-soft">{{ __('send/topup.handed-in', ['day' =>
                                            $bag->handed_in_on->format('j M Y')]) }}</span></li>
                                @endforeach
                            </ul>
                        </section>
                    @endif
                </div>
            </div>
        @endif
    </div>
</x-layout>

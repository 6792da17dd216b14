@php
    $trip = $page->trip;
    $says = ['day' => $trip->goes_on->format('j M'), 'place' => ucfirst($trip->place),
        'closes' => $closes->format('j M'),
        'closed' => ($places[$trip->place] ?? $closes)->format('j M'),
        'opens' => $handIn->opens($trip->goes_on)->format('j M')];
    $hasClash = isset($places[$trip->place]) && $places[$trip->place] < $closes && $page->doubts === [];
@endphp
<x-layout :title="__('send/trips.heading', ['place' => $trip->place])" station="send">
    <div class="mx-auto max-w-6xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div>
                <h1>{{ __('send/trips.heading', ['place' => $trip->place]) }}</h1>
                <p class="text-ink-soft">{{ __('send/trips.on', ['day' => $trip->goes_on->format('l, j M Y')]) }}.
                    @isset($handIn->hours[$trip->place]){{ __('send/trips.open',
                        ['hours' => $handIn->hours[$trip->place]]) }}
                    @endisset
                    {{ $trip->by === '' ? '' : __('send/trips.by', ['name' => $trip->by]) }}</p>
            </div>
            <div class="no-print flex flex-wrap gap-2.5">
                <button type="button" class="button" data-print hidden>{{ __('send/trips.print') }}</button>
                <a class="button" href="{{ route('send') }}">{{ __('send/labels.back') }}</a>
            </div>
        </div>
        @foreach ($page->doubts as $doubt)
            <p class="wrong mb-3 text-lg">{{ __("send/trips.doubts.{$doubt->value}", $says) }}</p>
        @endforeach
        @if ($hasClash)<p class="mb-3 font-semibold">{{ __('send/trips.clash', $says) }}</p>@endif
        <x-wrong name="trip" />
        <div class="grid grid-cols-1 items-start gap-3.5 wide:grid-cols-[1.25fr_1fr]">
            <section class="cut px-4 py-2" aria-labelledby="goes">
                <h2 id="goes" class="py-1.5">{{ __('send/trips.goes') }}</h2>
                <form method="post" action="{{ route('trips.hand-in', $trip) }}" id="hand-in">
                    @csrf
                    <x-once />
                    <ul>
                        @foreach ($page->sheets as $sheet)
                            @include('send.partials.trip-box', ['box' => $sheet->box, 'line' =>
                                $page->lines[$sheet->box->id] ?? null, 'lacks' =>
                                $page->readiness[$sheet->box->id]->lacks ?? []])
                        @endforeach
                    </ul>
                    @if ($page->waiting() + $page->handedIn() > 0)
                        <div class="no-print grid gap-2.5 border-t-[1.5px] border-line py-3">
                            <p class="text-ink-soft">{{ __('send/trips.docket-hint') }}</p>
                            @if ($page->unpacked() > 0)
                                <p>{{ trans_choice('send/trips.unpacked', $page->unpacked()) }}</p>
                            @endif
                            <div class="flex flex-wrap gap-2.5">
                                @if ($page->waiting() > 0)
                                    <button class="button go">{{ trans_choice('send/trips.hand-in', $page->waiting()) }}
                                    </button>
                                @endif
                                @if ($page->handedIn() > 0)
                                    <button class="button" formaction="{{ route('trips.dockets', $trip) }}"
                                        name="_method" value="put">{{ __('send/trips.keep-dockets') }}</button>
                                @endif
                                <button type="button" class="button" data-camera hidden
                                    data-stop="{{ __('send/trips.camera-stop') }}"
                                    data-none="{{ __('send/trips.camera-none') }}">
                                    {{ __('send/trips.camera') }}</button>
                            </div>
                            <video class="w-full rounded border-[1.5px] border-ink" data-camera-picture hidden muted
                                playsinline></video>
                        </div>
                    @endif
                </form>
                @if ($page->handedIn() > 0 && config('wren.tracking.url'))
                    <form method="post" action="{{ route('track') }}"
                        class="no-print border-t-[1.5px] border-line py-3">
                        @csrf
                        <button class="button small">{{ __('send/track.ask') }}</button>
                    </form>
                @endif
            </section>
            <section class="cut px-4 py-2" aria-labelledby="cartons">
                <h2 id="cartons" class="py-1.5">{{ __('send/trips.cartons') }}</h2>
                <p class="pb-1">{{ trans_choice('send/trips.filled', count($page->load->cartons)) }}
                    <span class="text-ink-soft">{{ __('send/trips.carton-says') }}</span></p>
                @foreach ($page->load->cartons as $number => $layers)
                    @include('send.partials.carton', ['load' => $page->load, 'usual' =>
                        $page->load->cartons[0][0]->places[0]->box->kind])
                @endforeach
                @if ($page->load->tooLarge !== [])
                    <p class="wrong">{{ __('send/trips.too-large', ['codes' => implode(', ', array_map(
                        fn ($box) => $box->label, $page->load->tooLarge))]) }}</p>
                @endif
                <ul class="border-t-[1.5px] border-line py-2">
                    @foreach ($page->wasted as $kind => $room)
                        <li>{{ __($room['tenths'] > 10 ? 'send/trips.wastes' : 'send/trips.holds', ['kind' => $kind,
                            'count' => $room['holds'], 'room' => $write->tenths($room['tenths'])]) }}</li>
                    @endforeach
                </ul>
            </section>
        </div>
        <details class="no-print mt-4" @if ($errors->hasAny('place', 'goes_on', 'boxes')) open @endif>
            <summary class="link">{{ __('send/trips.change') }}</summary>
            <form method="post" action="{{ route('trips.update', $trip) }}" class="cut mt-2 grid max-w-2xl gap-4 p-5">
                @csrf
                @method('put')
                @include('send.partials.trip-fields', ['choose' => $choose])
                <div class="flex flex-wrap gap-2.5">
                    <button class="button go">{{ __('send/trips.save') }}</button>
                </div>
            </form>
            <form method="post" action="{{ route('trips.destroy', $trip) }}" class="mt-3">
                @csrf
                @method('delete')
                <button class="button">{{ __('send/trips.drop') }}</button>
                <span class="text-ink-soft">{{ __('send/trips.drop-says') }}</span>
            </form>
        </details>
    </div>
</x-layout>

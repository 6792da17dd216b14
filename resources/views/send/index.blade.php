@php
    $first = $handIn->firstLastDay($today);
    $closes = $handIn->closes($today);
@endphp
<x-layout :title="__('send/desk.title')" station="send">
    <x-send-tabs on="send" />
    <h1>{{ __('send/desk.title') }}</h1>
    <div class="flex flex-wrap items-end justify-between gap-3 pb-4">
        <div class="max-w-3xl text-ink-soft">
            <p>{{ __('send/desk.window',
                ['from' => $handIn->opens($today)->format('j M'), 'to' => $closes->format('j M Y')]) }}</p>
            <ul>
                @foreach ($places as $place => $day)
                    <li>{{ __('send/desk.place', ['place' => ucfirst($place), 'day' => $day->format('j M')]) }},
                        {{ trans_choice('send/desk.days', (int) $today->diff($day)->days) }}@isset(
                        $handIn->hours[$place]), {{ $handIn->hours[$place] }}@endisset.</li>
                @endforeach
            </ul>
            @if ($first < $closes)
                <p class="font-semibold text-ink">{{ __('send/desk.earlier', ['place' => array_key_first($places),
                    'day' => $first->format('j M')]) }}</p>
            @endif
        </div>
        <form action="{{ route('send.find') }}" class="flex flex-wrap items-end gap-2">
            <x-field class="w-44" name="code" :label="__('send/desk.code')" :value="old('code')" required maxlength="40"
                autocomplete="off" autocapitalize="characters" placeholder="0014-M" />
            <button class="button">{{ __('send/desk.look') }}</button>
        </form>
    </div>
    <div class="grid items-start gap-3.5 wide:grid-cols-[1.35fr_1fr]">
        <div class="grid grid-cols-1 gap-3.5">
        <section class="cut px-4 py-2" aria-labelledby="ready">
            <div class="flex flex-wrap items-center justify-between gap-3 py-1.5">
                <h2 id="ready">{{ __('send/desk.ready') }}</h2>
                @if ($desk->packed->isNotEmpty())<a class="button small" href="{{ route('cards') }}">
                    {{ __('send/desk.print') }}</a>@endif
            </div>
            @if ($desk->packed->isEmpty())
                <p class="border-t-[1.5px] border-line py-3">{{ __('send/desk.no-box') }}</p>
            @else
                <p class="pb-2">
                    @if ($desk->lacking() === [])
                        {{ trans_choice('send/desk.all-ready', $desk->packed->count()) }}
                    @else
                        {{ implode(', ', array_map(
                            fn ($deed, $count) => trans_choice("send/desk.deeds.{$deed}", $count),
                            array_keys($desk->lacking()), $desk->lacking())) }}.
                    @endif
                </p>
                <ul>
                    @foreach ($desk->packed as $sheet)@include('send.partials.box')@endforeach
                </ul>
            @endif
        </section>
        @include('send.partials.trips')
        </div>
        @include('send.partials.gifts')
    </div>
    <section class="pt-6" aria-labelledby="handed-in">
        <div class="flex flex-wrap items-center gap-3 pb-2">
            <h2 id="handed-in">{{ __('send/desk.handed-in') }}</h2>
            <a class="link" href="{{ route('log') }}">{{ __('send/desk.log') }}</a>
        </div>
        @if ($desk->handedIn->isEmpty())
            <p class="cut max-w-2xl p-5">{{ __('send/desk.none-yet') }}</p>
        @else
            @part('plan.partials.boxes-on-shelf', ['sheets' => $desk->handedIn, 'mayTry' => true])
        @endif
    </section>
</x-layout>

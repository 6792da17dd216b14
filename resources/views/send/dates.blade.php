<x-layout :title="__('send/dates.title')" station="send">
    <div class="mx-auto grid max-w-3xl grid-cols-1 gap-3.5">
        <x-send-tabs on="dates" />
        <div class="flex flex-wrap items-end justify-between gap-3">
            <div>
                <h1>{{ __('send/dates.title') }}</h1>
                <p class="text-ink-soft">{{ __('send/dates.what-for') }}</p>
            </div>
        </div>
        <ol class="cut px-4 py-2">
            @foreach ($dates as $date)
                @php($until = (int) $write->today()->diff($date->first)->format('%r%a'))
                <li class="grid gap-x-4 border-t-[1.5px] border-line py-2.5 first:border-t-0
                    sm:grid-cols-[12rem_1fr_auto]">
                    <b class="figure">{{ $date->first == $date->last ? $date->first->format('j M Y')
                        : $date->first->format('j M').' – '.$date->last->format('j M Y') }}</b>
                    <span>{{ $says($date) }}@if ($date->hours), {{ __('send/dates.hours', ['from' =>
                        $date->hours[0]->format('H:i'), 'to' => $date->hours[1]->format('H:i')]) }}@endif</span>
                    <span @class(['tabular', $until < 0 && $date->kind->value === 'due' ? 'text-mend' :
                        'text-ink-soft'])>{{ $until >= 0 ? trans_choice('send/dates.in', $until) :
                        ($date->kind->value === 'due' ? trans_choice('send/dates.late', -$until)
                        : __('send/dates.now')) }}</span>
                </li>
            @endforeach
        </ol>
        <section class="cut grid gap-3 p-4" aria-labelledby="follow">
            <h2 id="follow">{{ __('send/dates.follow') }}</h2>
            @if ($address)
                <p>{{ __('send/dates.secret') }}</p>
                <p class="break-all rounded border-[1.5px] border-line p-2 font-semibold">{{ $address }}</p>
            @else
                <p>{{ __('send/dates.none') }}</p>
            @endif
            <div class="flex flex-wrap gap-2.5">
                <form method="post" action="{{ route('dates.open') }}">
                    @csrf
                    <button @class(['button', 'go' => $address === null])>
                        {{ __($address ? 'send/dates.renew' : 'send/dates.open') }}</button>
                </form>
                @if ($address)
                    <form method="post" action="{{ route('dates.close') }}">
                        @csrf
                        @method('delete')
                        <button class="button">{{ __('send/dates.close') }}</button>
                    </form>
                @endif
                <a class="button ml-auto" href="{{ route('dates.file') }}">{{ __('send/dates.file') }}</a>
            </div>
        </section>
    </div>
</x-layout>

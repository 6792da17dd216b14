<x-layout :title="__('send/topup.title')" station="send">
    <div class="mx-auto max-w-6xl">
        <x-send-tabs on="topup" />
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div class="max-w-2xl">
                <h1>{{ __('send/topup.title') }}</h1>
                <p class="text-ink-soft">{{ __('send/topup.what-for') }}</p>
            </div>
            @if ($page->bags->isNotEmpty())
                <a class="button" href="{{ route('topup.labels') }}" target="_blank">{{ __('send/topup.print') }}</a>
            @endif
        </div>
        <div class="grid grid-cols-1 items-start gap-3.5 wide:grid-cols-[1fr_1.3fr]">
            <section class="cut px-5 py-3" aria-labelledby="left">
                <h2 id="left">{{ __('send/topup.left') }}</h2>
                @if ($page->free === [])
                    <p>{{ __('send/topup.nothing') }}</p>
                @else
                    <ul>
                        @foreach ($choices->lanes as $lane)
                            @isset($page->free[$lane->value])
                                <li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t-[1.5px] border-line py-2
                                    first:border-t-0">
                                    <x-glyph :$lane class="h-7 w-7" />
                                    <span class="grow">{{ __("lanes.{$lane->value}") }}</span>
                                    <span class="text-ink-soft tabular">{{ trans_choice('send/topup.left-lane',
                                        $page->free[$lane->value]) }}</span>
                                    <a class="button small" href="{{ route('topup.create', $lane->value) }}">
                                        {{ __('send/topup.make') }}<span
                                            class="sr-only">: {{ __("lanes.{$lane->value}") }}</span></a>
                                </li>
                            @endisset
                        @endforeach
                    </ul>
                @endif
            </section>
            <section class="cut px-5 py-3" aria-labelledby="bags">
                <h2 id="bags">{{ __('send/topup.bags') }}</h2>
                @if ($page->bags->isEmpty())
                    <p>{{ __('send/topup.no-bags') }}</p>
                @else
                    <ul>
                        @foreach ($page->bags as $bag)
                            @php($name = $bag->calledName())
                            <li class="grid gap-1 border-t-[1.5px] border-line py-3 first:border-t-0">
                                <h3 class="flex items-center gap-2"><x-glyph :lane="$bag->category" class="h-7 w-7" />
                                    {{ $name }}</h3>
                                <p>{{ $contentsOf($bag) }}</p>
                                <p class="text-ink-soft tabular">{{ trans_choice('send/topup.count',
                                    $bag->pieces->sum('quantity')) }}, {{ __('send/topup.cost', ['cost' =>
                                    $costOf($bag)]) }}@if ($unknownOf($bag) > 0),
                                    {{ trans_choice('send/topup.cost-unknown', $unknownOf($bag)) }}@endif</p>
                                <div class="flex flex-wrap items-center gap-2.5">
                                    @if ($bag->handed_in_on)
                                        <b>{{ ucfirst(__('send/topup.handed-in', ['day' =>
                                            $bag->handed_in_on->format('j M Y')])) }}</b>
                                        <form method="post" action="{{ route('topup.take-back', $bag) }}">
                                            @csrf
                                            @method('delete')
                                            <button class="button small">{{ __('send/topup.take-back') }}<span
                                                class="sr-only">: {{ $name }}</span></button>
                                        </form>
                                    @else
                                        <form method="post" action="{{ route('topup.hand-in', $bag) }}">
                                            @csrf
                                            @method('put')
                                            <button class="button small">{{ __('send/topup.hand-in') }}<span
                                                class="sr-only">: {{ $name }}</span></button>
                                        </form>
                                        <form method="post" action="{{ route('topup.destroy', $bag) }}">
                                            @csrf
                                            @method('delete')
                                            <button class="button small">{{ __('send/topup.unpack') }}<span
                                                class="sr-only">: {{ $name }}</span></button>
                                        </form>
                                    @endif
                                </div>
                            </li>
                        @endforeach
                    </ul>
                @endif
            </section>
        </div>
    </div>
</x-layout>

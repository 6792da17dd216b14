<x-layout :title="__('pack/practice.pack.title')" station="pack">
    @fragment('round')
        <div id="round" class="bench">
            <section class="bench-says" aria-live="polite">
                <h1>{{ __('pack/practice.pack.title') }}</h1>
                @if ($pack->isDone)
                    <p class="mt-3 text-xl"><b>{{ __('pack/practice.pack.you') }}</b>
                        {{ $pack->says($pack->byHand->result()) }}</p>
                    <p class="mt-2 text-xl"><b>{{ __('pack/practice.pack.engine') }}</b>
                        {{ $engine === null ? __('pack/practice.pack.later') : $pack->says($engine) }}</p>
                    <p class="mt-4 flex flex-wrap gap-3">
                        <a class="button go bench-button" href="{{ route('practice.pack',
                            [...$pack->box->address(), 'seed' => $next]) }}">{{ __('pack/practice.another') }}</a>
                        <a class="button bench-button" href="{{ route('practice.pack', $pack->box->address()) }}">{{
                            __('pack/practice.pack.again') }}</a>
                        <a class="button bench-button" href="{{ route('practice') }}">{{
                            __('pack/practice.back') }}</a>
                    </p>
                @elseif ($pack->taken !== null)
                    <p class="bench-text">{{ __('pack/practice.pack.where', ['name' => $pack->taken->name]) }}</p>
                    <ol class="mt-3 grid gap-2">
                        @forelse ($pack->places() as $place)
                            @php($address = route('practice.pack',
                                $pack->address("{$pack->taken->id}.{$loop->index}")))
                            <li><a class="button bench-button" href="{{ $address }}" hx-get="{{ $address }}"
                                hx-target="#round" hx-swap="outerMorph" hx-push-url="true"
                                data-key="{{ 'abcdef'[$loop->index] }}">{{ $pack->saysPlace($place) }}
                                <kbd aria-hidden="true">{{ 'ABCDEF'[$loop->index] }}</kbd></a></li>
                        @empty
                            <li class="text-lg">{{ __('pack/practice.pack.nowhere') }}</li>
                        @endforelse
                    </ol>
                    @php($address = route('practice.pack', $pack->address()))
                    <p class="mt-3"><a class="link" href="{{ $address }}" hx-get="{{ $address }}" hx-target="#round"
                        hx-swap="outerMorph" hx-push-url="true" data-key="escape">{{
                        __('pack/practice.pack.put-back') }}</a></p>
                @else
                    <p class="bench-text">{{ __('pack/practice.pack.which') }}</p>
                    <ul class="mt-3 flex flex-wrap gap-2">
                        @foreach ($pack->left() as $id => $piece)
                            @php($address = route('practice.pack', [...$pack->address(), 'take' => $id]))
                            <li><a class="button flex items-center gap-2" href="{{ $address }}"
                                hx-get="{{ $address }}" hx-target="#round" hx-swap="outerMorph" hx-push-url="true">
                                <x-glyph :lane="$piece->kind->category" :kind="$piece->kind" class="size-7" />{{
                                    $piece->name }}
                                @if ($pack->countOf($piece) > 1)
                                    × {{ $pack->countOf($piece) }}
                                @endif
                            </a></li>
                        @endforeach
                    </ul>
                    <p class="mt-4 flex flex-wrap gap-3">
                        @if ($pack->put !== [])
                            @php($back = route('practice.pack', $pack->address(isBack: true)))
                            <a class="button" href="{{ $back }}" hx-get="{{ $back }}" hx-target="#round"
                                hx-swap="outerMorph" hx-push-url="true" data-key="u">{{ __('pack/bench.back') }}
                                <kbd aria-hidden="true">U</kbd></a>
                        @endif
                        <a class="button" href="{{ route('practice.pack', [...$pack->address(), 'done' => 1]) }}">{{
                            __('pack/practice.pack.lid') }}</a>
                    </p>
                @endif
            </section>
            <section class="bench-drawn" aria-label="{{ __('pack/practice.pack.title') }}">
                @if ($pack->isDone && $engine !== null)
                    <h2>{{ __('pack/practice.pack.yours') }}</h2>
                    <x-open-box :drawing="$pack->drawing()" class="w-full" />
                    <h2 class="mt-4">{{ __('pack/practice.pack.engines') }}</h2>
                    <x-open-box :drawing="$pack->engineDrawing($engine)" class="w-full" />
                @elseif ($pack->taken !== null && $pack->places() !== [])
                    <div class="grid gap-3 sm:grid-cols-2">
                        @foreach ($pack->places() as $place)
                            <figure>
                                <x-open-box :drawing="$pack->drawing($place)" :current="[$pack->taken->id]"
                                    :is-numbered="false" class="w-full" />
                                <figcaption><kbd aria-hidden="true">{{ 'ABCDEF'[$loop->index] }}</kbd>
                                    {{ $pack->saysPlace($place) }}</figcaption>
                            </figure>
                        @endforeach
                    </div>
                @else
                    <x-open-box :drawing="$pack->drawing()" class="w-full" />
                @endif
            </section>
        </div>
    @endfragment
</x-layout>

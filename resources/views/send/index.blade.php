<x-layout title="Send" station="send">
    <h1>Send</h1>
    <p class="pb-4 text-ink-soft">
        Hand-in at {{ $handIn->place }}, {{ $handIn->opens($write->today())->format('j M') }} to
        {{ $handIn->closes($write->today())->format('j M Y') }}. A desk near you may close earlier: ask there.
    </p>
    <section class="mb-6" aria-labelledby="packed">
        <h2 id="packed" class="pb-2">Packed, to be handed in</h2>
        @if ($packed->isEmpty())
            <p class="cut max-w-2xl p-5">No packed box waits here. A box comes here once it is moved to “Packed”.</p>
        @else
            <p class="pb-3">
                Sending gifts for these: <b class="figure">{{ $gifts->format() }}</b> {{ $gifts->currency->code }}.
            </p>
            <ul class="shelf-boxes">
                @foreach ($packed as $sheet)
                    <li>
                        @include('plan.partials.on-shelf')
                        <form method="post" action="{{ route('boxes.move', $sheet->box) }}" class="mt-2">
                            @csrf
                            @method('put')
                            <button class="button small" name="stage" value="handed-in">
                                It is handed in<span class="sr-only">: {{ $sheet->box->theme }}</span></button>
                        </form>
                    </li>
                @endforeach
            </ul>
        @endif
    </section>
    <section aria-labelledby="handed-in">
        <h2 id="handed-in" class="pb-2">Handed in</h2>
        @if ($handedIn->isEmpty())
            <p class="cut max-w-2xl p-5">None yet this season.</p>
        @else
            <ul class="shelf-boxes">
                @foreach ($handedIn as $sheet)
                    <li>@include('plan.partials.on-shelf')</li>
                @endforeach
            </ul>
        @endif
    </section>
</x-layout>

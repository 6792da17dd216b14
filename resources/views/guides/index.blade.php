<x-layout title="Drive guides" station="shelf">
    <div class="mx-auto max-w-4xl">
        <h1>Drive guides</h1>
        <p class="pb-4 text-ink-soft">
            A drive’s rules for a season, as data: what it asks for, what it takes out, when and where to hand in. A box
            keeps the guide it was planned by.
        </p>
        @foreach ($guides as $guide)
            <section class="cut mb-3.5 grid gap-3 p-4 sm:grid-cols-[1fr_auto]"
                aria-labelledby="guide-{{ $guide->edition->id }}">
                <div>
                    <h2 id="guide-{{ $guide->edition->id }}">
                        <a class="no-underline hover:underline"
                            href="{{ route('guides.show', $guide->edition->id) }}">{{ $guide->edition->drive }}</a>
                    </h2>
                    <p>
                        {{ ucfirst($guide->edition->season) }}, dated {{ $guide->edition->dated }}. Bands
                        {{ implode(', ', array_map(fn ($band) => $band->label(), $guide->audience->bands)) }};
                        {{ count($guide->needs) }} needs,
                        {{ $guide->barred() }} things barred.
                    </p>
                    <p class="text-ink-soft">
                        {{ $guide->edition->source }}@unless ($shipped->isShipped($guide->edition->id)),
                            <b class="text-ink">your own</b>@endunless
                    </p>
                </div>
                <div class="flex flex-wrap items-start gap-2 sm:flex-col sm:items-stretch">
                    @if ($guide->edition->id === $current->edition->id)
                        <p class="font-semibold text-ok">New boxes use this one</p>
                    @else
                        <form method="post" action="{{ route('guides.choose') }}">
                            @csrf @method('put')<input type="hidden" name="was"
                                value="{{ auth()->user()->crew->printed('guide') }}"><input type="hidden" name="guide"
                                    value="{{ $guide->edition->id }}"><button class="button small w-full">
                                        Use it for new boxes<span class="sr-only">: {{ $guide->edition->drive }}</span>
                                        </button>
                        </form>
                    @endif
                    @if ($shipped->isShipped($guide->edition->id))
                        <form method="post" action="{{ route('guides.copy', $guide->edition->id) }}">@csrf
<x-once /><button class="button small w-full">Copy and change<span
    class="sr-only"> {{ $guide->edition->drive }}</span></button></form>
                    @else
                        <a class="button small" href="{{ route('guides.edit', $guide->edition->id) }}">Change<span
                            class="sr-only"> {{ $guide->edition->drive }}</span></a>
                    @endif
                </div>
            </section>
        @endforeach
        <form method="post" action="{{ route('guides.import') }}" enctype="multipart/form-data"
            class="cut grid gap-3 p-4">
            @csrf
            <x-once />
            <h2>Bring one in</h2>
            <x-field name="file" label="A guide file (JSON)"><input class="input" type="file" id="file" name="file"
                accept="application/json,.json" required></x-field>
            <button class="button justify-self-start">Read it</button>
        </form>
    </div>
</x-layout>

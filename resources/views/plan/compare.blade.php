<x-layout :title="'Compare '.$box->theme" station="shelf">
    <div class="mx-auto max-w-3xl">
        <h1>“{{ $box->theme }}” under another guide</h1>
        <p class="pb-3 text-ink-soft">
            It is planned by {{ $plan->guide->edition->drive }}, guide of {{ $plan->guide->edition->dated }}.
            <a class="link" href="{{ route('boxes.show', $box) }}">Back to the box</a>
        </p>
        <form action="{{ route('boxes.compare', $box) }}" class="mb-3.5 flex flex-wrap items-end gap-2">
            <x-field name="with" label="Compare with"><select class="input" id="with"
                name="with">@foreach ($guides as $guide)<option value="{{ $guide->edition->id }}"
                    @selected($comparison?->guide->edition->id === $guide->edition->id)>{{ $guide->edition->drive }},
                {{ $guide->edition->dated }}</option>
                    @endforeach</select></x-field>
            <button class="button">Compare</button>
        </form>
        @if ($comparison)
            <section class="cut px-4 py-3">
                <h2>{{ $comparison->guide->edition->drive }}</h2>
                @include('guides.comparison')
                @if ($box->stage->isOpen())
                    <form method="post" action="{{ route('boxes.adopt', $box) }}" class="mt-4">
                        @csrf
                        @method('put')
                        <input type="hidden" name="guide" value="{{ $comparison->guide->edition->id }}">
                        <button class="button">Plan it by this guide</button>
                    </form>
                @endif
            </section>
        @endif
    </div>
</x-layout>

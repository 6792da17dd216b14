<x-layout :title="__('plan/views/compare.compare-theme', ['theme' => $box->theme])" station="shelf">
    <div class="mx-auto max-w-3xl">
        <h1>{{ __('plan/views/compare.theme-under-another-guide', ['theme' => $box->theme]) }}</h1>
        <p class="pb-3 text-ink-soft">
            {{ __('plan/views/compare.it-is-planned-by-drive', [
                'drive' => $plan->guide->edition->drive,
                'dated' => $plan->guide->edition->dated,
            ]) }}
            <a class="link" href="{{ route('boxes.show', $box) }}">{{ __('plan/views/compare.back-to-the-box') }}</a>
        </p>
        <form action="{{ route('boxes.compare', $box) }}" class="mb-3.5 flex flex-wrap items-end gap-2">
            <x-field name="with" :label="__('plan/views/compare.compare-with')"><select class="input" id="with"
                name="with">@foreach ($guides as $guide)<option value="{{ $guide->edition->id }}"
                    @selected($comparison?->guide->edition->id === $guide->edition->id)>{{ $guide->edition->drive }},
                {{ $guide->edition->dated }}</option>
                    @endforeach</select></x-field>
            <button class="button">{{ __('plan/views/compare.compare') }}</button>
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
                        <button class="button">{{ __('plan/views/compare.plan-it-by-this-guide') }}</button>
                    </form>
                @endif
            </section>
        @endif
    </div>
</x-layout>

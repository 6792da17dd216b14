<x-layout :title="__('guides/views/index.drive-guides')" station="shelf">
    <div class="mx-auto max-w-4xl">
        <h1>{{ __('guides/views/index.drive-guides') }}</h1>
        <p class="pb-4 text-ink-soft">
            {{ __('guides/views/index.a-drives-rules-for-a') }}
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
                        {{ __('guides/views/index.season-dated-dated-bands-bands', [
                            'season' => ucfirst($guide->edition->season),
                            'dated' => $guide->edition->dated,
                            'bands' => implode(', ', array_map(fn ($band) => $band->label(), $guide->audience->bands)),
                            'needs' => count($guide->needs),
                            'barred' => $guide->barred(),
                        ]) }}
                    </p>
                    <p class="text-ink-soft">
                        {{ $guide->edition->source }}@unless ($shipped->isShipped($guide->edition->id)),
                            <b class="text-ink">{{ __('guides/views/index.your-own') }}</b>@endunless
                    </p>
                </div>
                <div class="flex flex-wrap items-start gap-2 sm:flex-col sm:items-stretch">
                    @if ($guide->edition->id === $current->edition->id)
                        <p class="font-semibold text-ok">{{ __('guides/views/index.new-boxes-use-this-one') }}</p>
                    @else
                        <form method="post" action="{{ route('guides.choose') }}">
                            @csrf @method('put')<input type="hidden" name="was"
                                value="{{ $hand->crew()->printed('guide') }}"><input type="hidden" name="guide"
                                    value="{{ $guide->edition->id }}"><button class="button small w-full">
                                        {{ __('guides/views/index.use-it-for-new-boxes') }}<span class="sr-only">: {{
                                            $guide->edition->drive }}</span>
                                        </button>
                        </form>
                    @endif
                    @if ($shipped->isShipped($guide->edition->id))
                        <form method="post" action="{{ route('guides.copy', $guide->edition->id) }}">@csrf
<x-once /><button class="button small w-full">{{ __('guides/views/index.copy-and-change') }}<span
    class="sr-only"> {{ $guide->edition->drive }}</span></button></form>
                    @else
                        <a class="button small" href="{{ route('guides.edit', $guide->edition->id) }}">{{
                            __('guides/views/index.change') }}<span
                            class="sr-only"> {{ $guide->edition->drive }}</span></a>
                    @endif
                </div>
            </section>
        @endforeach
        <form method="post" action="{{ route('guides.import') }}" enctype="multipart/form-data"
            class="cut grid gap-3 p-4">
            @csrf
            <x-once />
            <h2>{{ __('guides/views/index.bring-one-in') }}</h2>
            <x-field name="file" :label="__('guides/views/index.a-guide-file-json')"><input class="input" type="file"
                id="file" name="file"
                accept="application/json,.json" required></x-field>
            <button class="button justify-self-start">{{ __('guides/views/index.read-it') }}</button>
        </form>
    </div>
</x-layout>

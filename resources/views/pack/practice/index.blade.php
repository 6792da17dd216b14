<x-layout :title="__('pack/practice.title')" station="pack">
    <div class="mx-auto grid max-w-4xl gap-4">
        <div>
            <h1>{{ __('pack/practice.title') }}</h1>
            <p class="text-lg text-ink-soft">{{ __('pack/practice.what-for') }}</p>
        </div>
        @foreach (['find', 'pack'] as $game)
            <section class="cut grid gap-3 p-5" aria-labelledby="{{ $game }}">
                <h2 id="{{ $game }}" class="text-[1.6rem]">{{ __("pack/practice.{$game}.title") }}</h2>
                <p class="text-lg">{{ __("pack/practice.{$game}.what-for") }}</p>
                <p class="flex flex-wrap gap-2.5">
                    @foreach ([1, 2, 3] as $level)
                        <a @class(['button bench-button', 'go' => $level === 1])
                            href="{{ route("practice.{$game}", ['level' => $level, 'seed' => $seed]) }}">{{
                            __("pack/practice.levels.{$level}") }}</a>
                    @endforeach
                </p>
                @if ($own->isNotEmpty())
                    <details>
                        <summary class="link">{{ __('pack/practice.own') }}</summary>
                        <p class="flex flex-wrap gap-2 pt-2">
                            @foreach ($own as $box)
                                <a class="button small" href="{{ route("practice.{$game}",
                                    ['level' => 3, 'seed' => $seed, 'box' => $box->id]) }}">{{ $box->theme }}</a>
                            @endforeach
                        </p>
                    </details>
                @endif
            </section>
        @endforeach
    </div>
</x-layout>

@php
    $box = $page->box;
    $isOpen = $box->stage->isOpen();
    $hexes = $box->palette->hexes();
@endphp
<x-layout :title="__('plan/theme.title').', '.$box->theme" station="shelf">
    <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
        <div>
            <h1>{{ __('plan/theme.heading', ['theme' => $box->theme]) }}</h1>
            <x-swatches :palette="$box->palette" />
        </div>
        <a class="button" href="{{ route('boxes.show', $box) }}">{{ __('plan/theme.back') }}</a>
    </div>
    <div class="grid grid-cols-1 items-start gap-3.5 wide:grid-cols-[22rem_1fr]">
        <div class="grid grid-cols-1 gap-3.5">
            <section class="cut p-4" aria-labelledby="hangs">
                <h2 id="hangs">{{ __('plan/theme.hangs') }}</h2>
                @if ($page->cohesion->hundredths() === null)
                    <p>{{ __('plan/theme.nothing-speaks') }}</p>
                @else
                    <p class="figure text-3xl">
                        {{ __('plan/theme.figure', ['of' => $page->cohesion->hundredths()]) }}</p>
                    <p>{{ __('plan/theme.counts', ['on' => $page->cohesion->on, 'off' => $page->cohesion->off,
                        'neutral' => $page->cohesion->neutral]) }}</p>
                    <p class="text-ink-soft">{{ __('plan/theme.figure-says') }}</p>
                @endif
            </section>
            @if ($isOpen)
                <form method="post" action="{{ route('boxes.theme.keep', $box) }}" class="cut grid gap-4 p-4">
                    @csrf
                    @method('put')
                    <fieldset>
                        <legend class="font-semibold">{{ __('plan/theme.words') }}</legend>
                        <p class="hint">{{ __('plan/theme.words-hint') }}</p>
                        <div class="flex flex-wrap gap-x-4">
                            @foreach ($page->theme->words as $word)
                                <label class="flex items-center gap-1.5 py-0.5"><input type="checkbox" name="words[]"
                                    value="{{ $word }}" checked> {{ $word }}</label>
                                <input type="hidden" name="was[]" value="{{ $word }}">
                            @endforeach
                        </div>
                        <x-wrong name="words" />
                    </fieldset>
                    <x-field name="more" :label="__('plan/theme.add')" :value="old('more')" maxlength="200"
                        autocomplete="off" />
                    <label class="flex items-baseline gap-2"><input type="checkbox" name="for_all" value="1">
                        <span>{{ __('plan/theme.for-all') }}</span></label>
                    <fieldset>
                        <legend class="font-semibold">{{ __('plan/theme.colours') }}</legend>
                        <div class="flex flex-wrap gap-1.5">
                            @foreach ($box->palette->colours as $colour)
                                <x-colour-tile :hex="$colour->hex" :name="$colourName($colour)" checked />
                            @endforeach
                        </div>
                        @if ($page->near !== [])
                            <p class="hint pt-1">{{ __('plan/theme.colours-near') }}</p>
                            <div class="flex flex-wrap gap-1.5">
                                @foreach ($page->near as $colour)
                                    <x-colour-tile :hex="$colour->hex" :name="$colourName($colour)" />
                                @endforeach
                            </div>
                        @endif
                        <x-wrong name="colours" />
                    </fieldset>
                    <div>
                        <label class="font-semibold" for="seed">{{ __('plan/theme.seed') }}</label>
                        <select class="input" id="seed" name="seed">
                            <option value="">{{ __('plan/theme.no-seed') }}</option>
                            @foreach ($page->seeds as $id => $name)<option value="{{ $id }}"
                                @selected($id === $page->said->seed_lot_id)>{{ $name }}</option>@endforeach
                        </select>
                        <x-wrong name="seed" />
                    </div>
                    <div><button class="button go">{{ __('plan/theme.keep') }}</button></div>
                </form>
            @endif
            <section class="cut p-4" aria-labelledby="missing">
                <h2 id="missing">{{ __('plan/theme.missing') }}</h2>
                @if ($page->missing === [])
                    <p>{{ __('plan/theme.missing-full') }}</p>
                @else
                    <ul>
                        @foreach ($page->missing as $line)<li
                            class="border-t-[1.5px] border-line py-1 first:border-t-0">{{ $line }}</li>@endforeach
                    </ul>
                @endif
            </section>
        </div>
        <div class="grid grid-cols-1 gap-4">
            <x-wrong name="pick" />
            <section aria-labelledby="in">
                <h2 id="in" class="pb-1.5">{{ __('plan/theme.in') }}</h2>
                @if ($page->in === [])
                    <p>{{ __('plan/theme.in-none') }}</p>
                @else
                    <ul class="theme-tiles">
                        @foreach ($page->in as $tile)
                            <li @class(['theme-tile', 'is-on' => $tile->match->standing->value === 'on', 'is-off' =>
                                $tile->match->standing->value === 'off', 'is-seed' =>
                                $page->seed?->name === $tile->name])>
                                @include('plan.partials.theme-tile')
                                @if ($tile->match->standing->value === 'off')
                                    <form method="post" action="{{ route('pieces.off-theme', $tile->id) }}"
                                        class="flex flex-wrap items-center gap-2 px-2.5 pb-2.5">
                                        @csrf
                                        @method('put')
                                        <span class="font-semibold">{{ __($tile->isKept ? 'plan/theme.off-kept'
                                            : 'plan/theme.off') }}</span>
                                        <button class="button small" name="kept"
                                            value="{{ $tile->isKept ? 0 : 1 }}">{{ __($tile->isKept
                                            ? 'plan/theme.look-again' : 'plan/theme.keep-off') }}<span
                                                class="sr-only">: {{ $tile->name }}</span></button>
                                    </form>
                                @endif
                            </li>
                        @endforeach
                    </ul>
                @endif
            </section>
            @include('plan.partials.theme-would', [
                'would' => $page->would, 'action' => route('boxes.theme.pick', $box),
                'button' => $isOpen ? __('plan/theme.pick') : null,
            ])
            @if ($page->toBuy !== [] && $isOpen)
                <section aria-labelledby="to-buy">
                    <h2 id="to-buy" class="pb-1.5">{{ __('plan/theme.to-buy') }}</h2>
                    <form method="post" action="{{ route('boxes.theme.pick', $box) }}" class="flex flex-wrap gap-2">
                        @csrf
                        <x-once />
                        <input type="hidden" name="quantity" value="1">
                        @foreach ($page->toBuy as $kind)<button class="button small" name="buy"
                            value="{{ $kind->id }}"><x-glyph :lane="$kind->category" :kind="$kind"
                            class="mr-1.5 inline-block h-5 w-5" />{{ $kind->name }}</button>@endforeach
                    </form>
                    <p class="hint">{{ __('plan/theme.to-buy-says') }}</p>
                </section>
            @endif
        </div>
    </div>
</x-layout>

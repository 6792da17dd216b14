<x-layout :title="__('send/lid.title').', '.$page->box->theme" station="send">
    <div class="mx-auto max-w-6xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div class="max-w-3xl">
                <h1>{{ __($page->isLiner ? 'send/lid.heading-floor' : 'send/lid.heading',
                    ['theme' => $page->box->theme]) }}</h1>
                <p class="text-ink-soft">{{ __('send/lid.what-for') }}</p>
            </div>
            <a class="button" href="{{ route('boxes.show', $page->box) }}">{{ __('send/lid.back') }}</a>
        </div>
        <form method="post" action="{{ route('boxes.lid.show', $page->box) }}" enctype="multipart/form-data"
            class="grid grid-cols-1 items-start gap-3.5 wide:grid-cols-[1fr_1.5fr]">
            <div class="cut grid gap-4 p-5">
                <fieldset>
                    <legend class="font-semibold">{{ __('send/lid.where') }}</legend>
                    <div class="flex flex-wrap gap-x-5">
                        @foreach (['lid' => false, 'floor' => true] as $where => $isLiner)
                            <label class="flex items-center gap-2 py-1"><input type="radio" name="where"
                                value="{{ $where }}" @checked($page->isLiner === $isLiner)>
                                {{ __("send/lid.wheres.{$where}") }}</label>
                        @endforeach
                    </div>
                </fieldset>
                <fieldset>
                    <legend class="font-semibold">{{ __('send/lid.pattern') }}</legend>
                    <div class="flex flex-wrap gap-x-5">
                        @foreach ($patterns as $pattern)
                            <label class="flex items-center gap-2 py-1"><input type="radio" name="pattern"
                                value="{{ $pattern->value }}" @checked($page->pattern === $pattern)>
                                {{ __("send/lid.patterns.{$pattern->value}") }}</label>
                        @endforeach
                    </div>
                    <x-wrong name="pattern" />
                </fieldset>
                <x-field name="saying" :label="__('send/lid.saying')" :hint="__('send/lid.saying-hint')" maxlength="90"
                    :value="old('saying', $page->saying)" />
                <x-field name="picture" type="file" accept="image/*" :label="__('send/lid.own')"
                    :hint="__('send/lid.own-hint')" />
                <div class="flex flex-wrap gap-x-5" role="radiogroup" aria-label="{{ __('send/lid.paper') }}">
                    @foreach ($papers as $paper)
                        <label class="flex items-center gap-2 py-1"><input type="radio" name="paper"
                            value="{{ $paper->value }}" @checked($page->paper === $paper)>
                            {{ __("send/labels.papers.{$paper->value}") }}</label>
                    @endforeach
                </div>
                @csrf
                <div class="flex flex-wrap gap-2.5">
                    <button class="button go" formaction="{{ route('boxes.lid.file', $page->box) }}"
                        formtarget="_blank">{{ __('send/lid.print') }}</button>
                    <button class="button">{{ __('send/lid.show') }}</button>
                </div>
            </div>
            <figure class="cut p-5">
                <svg class="lid-picture w-full" viewBox="0 0 {{ $page->width }} {{ $page->height }}" role="img"
                    aria-label="{{ __("send/lid.patterns.{$page->pattern->value}") }}{{ $page->saying === '' ? ''
                        : ': '.$page->saying }}">
                    @foreach ($page->shapes as $shape)
                        @if ($shape->radius > 0)<circle fill="{{ $shape->hex }}" cx="{{ $shape->points[0][0] }}"
                            cy="{{ $shape->points[0][1] }}" r="{{ $shape->radius }}" />
                        @else<polygon fill="{{ $shape->hex }}" points="{{ $page->points($shape) }}" />@endif
                    @endforeach
                    @foreach ($page->tiles->tiles as $tile)
                        <rect class="lid-tile" x="{{ $tile->x }}" y="{{ $tile->y }}" width="{{ $tile->width }}"
                            height="{{ $tile->height }}" />
                    @endforeach
                    @if ($page->saying !== '')
                        <rect x="7%" y="40%" width="86%" height="20%" rx="40" fill="#ffffff" />
                        <text class="lid-saying" x="50%" y="51%" dominant-baseline="middle" text-anchor="middle"
                            @if (mb_strlen($page->saying) > 22) textLength="78%" lengthAdjust="spacingAndGlyphs" @endif
                            >{{ $page->saying }}</text>
                    @endif
                </svg>
                <figcaption class="pt-2 text-ink-soft tabular">{{ __($page->isLiner
                    ? 'send/lid.size-floor' : 'send/lid.size', [
                    'size' => $write->sides([$page->width, $page->height]),
                ]) }},
                    {{ trans_choice('send/lid.sheets', count($page->tiles->tiles)) }}</figcaption>
            </figure>
        </form>
        <section class="pt-5" aria-labelledby="wrap">
            <h2 id="wrap">{{ __('send/lid.wrap') }}</h2>
            <div class="grid grid-cols-1 gap-3.5 pt-1 sm:grid-cols-2">
                @foreach ($page->wraps as $which => $wrap)
                    <figure class="cut p-5">
                        <h3>{{ __("send/lid.wraps.{$which}") }}</h3>
                        <svg class="drawn w-full py-2" viewBox="-30 -30 {{ $wrap->sheetLength() + 60 }}
                            {{ $wrap->sheetWidth() + 60 }}" role="img" aria-label="{{ __('send/lid.wrap-plan', [
                            'along' => $write->lengths($wrap->folds()['along']), 'across' =>
                            $write->lengths($wrap->folds()['across'])]) }}">
                            <rect class="wrap-sheet" width="{{ $wrap->sheetLength() }}"
                                height="{{ $wrap->sheetWidth() }}" />
                            @foreach ($wrap->folds()['along'] as $fold)<path class="wrap-fold"
                                d="M{{ $fold }} 0V{{ $wrap->sheetWidth() }}" />@endforeach
                            @foreach ($wrap->folds()['across'] as $fold)<path class="wrap-fold"
                                d="M0 {{ $fold }}H{{ $wrap->sheetLength() }}" />@endforeach
                            @foreach ($wrap->cuts() as $cut)<path class="wrap-cut"
                                d="M{{ $cut[0] }} {{ $cut[1] }}L{{ $cut[2] }} {{ $cut[3] }}" />@endforeach
                        </svg>
                        <figcaption>{{ __('send/lid.wrap-says', [
                            'size' => $write->sides([$wrap->sheetLength(), $wrap->sheetWidth()]),
                            'strip' => $write->length($wrap->folds()['along'][0]),
                        ]) }}
                            <span class="text-ink-soft tabular">{{ __('send/lid.wrap-plan', [
                                'along' => $write->lengths($wrap->folds()['along']),
                                'across' => $write->lengths($wrap->folds()['across']),
                            ]) }}.</span>
                            @if ($which === 'lid')<span class="text-ink-soft">{{ __('send/lid.wrap-lid', ['wall' =>
                                $write->length($wrap->wall)]) }}</span>@endif
                        </figcaption>
                    </figure>
                @endforeach
            </div>
        </section>
    </div>
</x-layout>

@php
    $year = $review->money->season->year;
    $spread = $review->spread();
@endphp
<x-layout :title="__('send/review.title')" station="send">
    <div class="mx-auto max-w-6xl">
        <x-send-tabs on="review" />
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <h1>{{ __('send/review.heading', ['year' => $year]) }}</h1>
            <div class="no-print flex flex-wrap gap-2.5">
                @if (count($review->money->years()) > 1)
                    <nav aria-label="{{ __('send/review.seasons') }}" class="flex flex-wrap gap-2">
                        @foreach ($review->money->years() as $one)<a @class(['button', 'go' => $one === $year])
                            href="{{ route('review', ['season' => $one]) }}"
                            @if ($one === $year) aria-current="true" @endif>{{ $one }}</a>@endforeach
                    </nav>
                @endif
                <button type="button" class="button" data-print hidden>{{ __('send/review.print') }}</button>
                <a class="button" href="{{ route('review.file', ['season' => $year]) }}">{{ __('send/review.pdf') }}</a>
                </div>
        </div>
        <section class="cut mb-3.5 p-5" aria-label="{{ __('send/review.title') }}">
            @if ($spread)
                <dl class="flex flex-wrap gap-x-10 gap-y-4">
                    @foreach ($review->figures($spread) as $name => $figure)
                        <div>
                            <dt class="text-ink-soft">{{ __("send/review.figures.{$name}") }}</dt>
                            <dd class="figure text-3xl">{{ $figure }}</dd>
                        </div>
                    @endforeach
                </dl>
                @if ($review->withoutPrice > 0)<p class="pt-3">
                    {{ trans_choice('send/review.without-price', $review->withoutPrice) }}</p>@endif
            @else
                <p>{{ __('send/review.none') }}</p>
            @endif
        </section>
        <div class="grid grid-cols-1 items-start gap-3.5 wide:grid-cols-2">
            <div class="grid grid-cols-1 gap-3.5">
            @if ($review->spreads !== [])
                <section class="cut p-5" aria-labelledby="a-box">
                    <h2 id="a-box">{{ __('send/review.a-box') }}</h2>
                    @foreach ($review->spreads as $season => $one)
                        <h3 class="mt-3">{{ __('send/review.season', ['year' => $season, 'boxes' =>
                            trans_choice('send/review.count', count($one->all))]) }}</h3>
                        <svg class="drawn w-full" viewBox="-14 0 1028 56" aria-hidden="true" focusable="false">
                            <path class="pen" d="M0 40H1000" />
                            <path class="pen" d="M{{ $review->place($one->middle->minor) }} 12V52" />
                            @foreach ($one->all as $cost)<circle @class(['cost-dot', 'is-this' => $season === $year])
                                cx="{{ $review->place($cost->minor) }}" cy="40" r="12" />@endforeach
                        </svg>
                        <p class="text-ink-soft tabular">{{ __('send/review.range', ['least' => $one->least()->format(),
                            'most' => $one->most()->format(), 'middle' => $one->middle->format()]) }}</p>
                    @endforeach
                </section>
            @endif
                @include('send.partials.review-months')
            </div>
            <div class="grid grid-cols-1 gap-3.5">
                @if ($review->byBand !== [])
                    <section class="cut p-5" aria-labelledby="for-whom">
                        <h2 id="for-whom">{{ __('send/review.for-whom') }}</h2>
                        <ul>
                            @foreach ($review->byBand as $band => $genders)
                                <li class="grid grid-cols-[5rem_1fr] border-t-[1.5px] border-line py-1.5
                                    first:border-t-0"><b class="figure">{{ str_replace('-', '–', $band) }}</b>
                                    <span>@isset($review->goals[$band])<b class="tabular">{{ __('send/review.of-goal',
                                        ['made' => $review->ofBand($band), 'goal' => $review->goals[$band]]) }}</b>
                                        @endisset
                                        {{ implode(', ', array_map(fn ($gender, $count) => __('send/review.each',
                                        ['count' => $count, 'who' => __("people.{$gender}")]),
                                        array_keys($genders), $genders)) }}</span></li>
                            @endforeach
                        </ul>
                    </section>
                @endif
                @include('send.partials.review-more')
                <section class="cut p-5" aria-labelledby="lids">
                    <h2 id="lids">{{ __('send/review.lids') }}</h2>
                    <p>{{ trans_choice('send/review.lids-seen', count($review->lids),
                        ['right' => $review->lidsAsForetold()]) }}</p>
                </section>
                <section class="cut p-5" aria-labelledby="thank">
                    <h2 id="thank">{{ __('send/review.thank') }}</h2>
                    @if ($review->thanks === [])
                        <p>{{ __('send/review.nobody') }}</p>
                    @else
                        <p class="text-ink-soft">{{ __('send/review.thanks-hint') }}</p>
                        <ul>
                            @foreach ($review->thanks as $line)<li
                                class="border-t-[1.5px] border-line py-2 select-all">{{ $line }}</li>@endforeach
                        </ul>
                    @endif
                </section>
            </div>
        </div>
    </div>
</x-layout>

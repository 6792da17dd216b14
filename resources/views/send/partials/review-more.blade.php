<section class="cut p-5" aria-labelledby="findings">
    <h2 id="findings">{{ __('send/review.findings') }}</h2>
    @if ($review->findings === [])
        <p>{{ __('send/review.findings-none') }}</p>
    @else
        <ul>
            @foreach ($review->findings as $why => $boxes)
                <li class="flex justify-between gap-3 border-t-[1.5px] border-line py-1.5 first:border-t-0">
                    <span>{{ $why }}</span> <span class="shrink-0 text-ink-soft tabular">{{ trans_choice(
                        'send/review.finding', $boxes) }}</span></li>
            @endforeach
        </ul>
    @endif
</section>
<section class="cut p-5" aria-labelledby="left-out">
    <h2 id="left-out">{{ __('send/review.left-out') }}</h2>
    @if ($review->leftOut === [])
        <p>{{ __('send/review.left-out-none') }}</p>
    @else
        <ul>
            @foreach ($review->leftOut as $name => $pieces)<li>{{ $pieces }} × {{ $name }}</li>@endforeach
        </ul>
    @endif
</section>
@if ($review->money->isCurrent())
    <section class="cut p-5" aria-labelledby="left">
        <h2 id="left">{{ __('send/review.left') }}</h2>
        @if ($review->left === [])
            <p>{{ __('send/review.left-none') }}</p>
        @else
            <p class="tabular">{{ implode(', ', array_map(fn ($lane, $pieces) => __("lanes.{$lane}").' '.$pieces,
                array_keys($review->left), $review->left)) }}.</p>
            <p class="no-print pt-1"><a class="link" href="{{ route('topup') }}">{{ __('send/review.to-bags') }}</a></p>
        @endif
        <p>{{ trans_choice('send/review.bags', $review->bags) }}</p>
    </section>
@endif

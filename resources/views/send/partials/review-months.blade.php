@php
    $months = $review->money->bySourceAndMonth();
    $sources = array_keys(array_merge(...array_values($months) ?: [[]]));
@endphp
<section class="cut p-5" aria-labelledby="months">
    <h2 id="months">{{ __('send/review.months') }}</h2>
    @if ($months === [])
        <p>{{ __('send/review.nothing-bought') }}</p>
    @else
        <ul class="flex flex-wrap gap-x-4 gap-y-1 py-1">
            @foreach ($sources as $source)
                <li class="flex items-center gap-1.5"><svg class="drawn" viewBox="0 0 14 14" width="14" height="14"
                    aria-hidden="true" focusable="false"><rect class="source-{{ $source }}" width="14" height="14"
                    rx="3" /></svg>{{ __("gather/stash.sources.{$source}") }}</li>
            @endforeach
        </ul>
        <table class="w-full">
            <tbody>
                @foreach ($months as $month => $sums)
                    <tr class="border-t-[1.5px] border-line first:border-t-0">
                        <th scope="row" class="w-32 py-1 pr-3 text-left font-normal">{{ $write->month($month) }}</th>
                        <td><svg class="drawn w-full" viewBox="0 0 1000 18" preserveAspectRatio="none" height="18"
                            aria-hidden="true" focusable="false">@foreach ($review->bar($month) as $part)<rect
                            class="source-{{ $part['source'] }}" x="{{ $part['from'] }}" width="{{ $part['wide'] }}"
                            height="18" />@endforeach</svg>
                            <span class="sr-only">{{ implode(', ', array_map(fn ($source, $sum) =>
                                __("gather/stash.sources.{$source}").' '.$sum->format(), array_keys($sums), $sums))
                            }}</span></td>
                        <td class="w-20 py-1 pl-3 text-right tabular">{{ $review->sum($sums)->format() }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</section>
@if ($review->money->dearest() !== [])
    <section class="cut p-5" aria-labelledby="finds">
        <h2 id="finds">{{ __('send/review.finds') }}</h2>
        <h3 class="mt-1">{{ __('send/review.dearest') }}</h3>
        <ul>
            @foreach ($review->money->dearest() as $lot)<li>{{ $review->find($lot) }}</li>@endforeach
        </ul>
        @if ($review->money->bestFinds() !== [])
            <h3 class="mt-3">{{ __('send/review.best') }}</h3>
            <ul>
                @foreach ($review->money->bestFinds() as $lot)<li>{{ $review->bestFind($lot) }}</li>@endforeach
            </ul>
        @endif
    </section>
@endif

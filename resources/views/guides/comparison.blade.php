{{-- What another guide changes for a box. --}}
<p>
    {{ __('guides/views/comparison.filled-of-asked-must-haves', [
        'filled' => $comparison->needs->filled(),
        'asked' => $comparison->needs->asked(),
        'drive' => $comparison->guide->edition->drive,
    ]) }}
    <span class="whitespace-nowrap">{{ $comparison->band->label() }}</span>@unless ($comparison->isSameBand)
        <b>{{ __('guides/views/comparison.the-band-nearest-to-its') }}</b>@endunless.
</p>
@if ($comparison->changesNothing())
    <p class="mt-2 font-semibold text-ok">{{ __('guides/views/comparison.nothing-changes-for-this-box') }}</p>
@endif
@foreach (['new' => __('guides/views/comparison.missing-then'),
    'gone' => __('guides/views/comparison.no-longer-asked-for')] as $list => $title)
    @if ($comparison->missing->{$list} !== [])
        <h3 class="mt-3">{{ $title }}</h3>
        <p @class(['text-mend' => $list === 'new'])>{{
            implode(', ', array_map($write->lacking(...), $comparison->missing->{$list})) }}</p>
    @endif
@endforeach
@foreach (['new' => __('guides/views/comparison.flags-that-appear'),
    'gone' => __('guides/views/comparison.flags-that-go')] as $list => $title)
    @if ($comparison->findings->{$list} !== [])
        <h3 class="mt-3">{{ $title }}</h3>
        <ul>
            @foreach ($comparison->findings->{$list} as $finding)
                <li class="border-t-[1.5px] border-line py-1.5">
                    <b>{{ $say->about($finding) }}.</b>
                    <span @class(['text-mend' => $list === 'new' && $finding->weight->mustBeMended()])>
                        {{ __("plan/gauges.weights.{$finding->weight->value}") }}.
                    </span>
                    {{ $say->why($finding) }}
                </li>
            @endforeach
        </ul>
    @endif
@endforeach

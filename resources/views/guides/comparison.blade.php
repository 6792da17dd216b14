{{-- What another guide changes for a box. --}}
<p>
    {{ $comparison->needs->filled() }} of {{ $comparison->needs->asked() }} must-haves of
    {{ $comparison->guide->edition->drive }}, for
    <span class="whitespace-nowrap">{{ $comparison->band->label() }}</span>@unless ($comparison->isSameBand)
        <b>(the band nearest to its own)</b>@endunless.
</p>
@if ($comparison->changesNothing())
    <p class="mt-2 font-semibold text-ok">Nothing changes for this box.</p>
@endif
@foreach (['new' => 'Missing then', 'gone' => 'No longer asked for'] as $list => $title)
    @if ($comparison->missing->{$list} !== [])
        <h3 class="mt-3">{{ $title }}</h3>
        <p @class(['text-mend' => $list === 'new'])>{{ implode(', ', $comparison->missing->{$list}) }}</p>
    @endif
@endforeach
@foreach (['new' => 'Flags that appear', 'gone' => 'Flags that go'] as $list => $title)
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

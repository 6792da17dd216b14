{{-- What another guide changes for a box. --}}
<p>
    {{ $comparison->filled }} of {{ $comparison->asked }} must-haves of {{ $comparison->guide->drive }}, for
    <span class="whitespace-nowrap">{{ $comparison->band->label() }}</span>@unless ($comparison->isSameBand)
        <b>(the band nearest to its own)</b>@endunless.
</p>
@if ($comparison->changesNothing())
    <p class="mt-2 font-semibold text-ok">Nothing changes for this box.</p>
@endif
@foreach (['missingNow' => 'Missing then', 'noLongerAsked' => 'No longer asked for'] as $list => $title)
    @if ($comparison->{$list} !== [])
        <h3 class="mt-3">{{ $title }}</h3>
        <p @class(['text-mend' => $list === 'missingNow'])>{{ implode(', ', $comparison->{$list}) }}</p>
    @endif
@endforeach
@foreach (['appear' => 'Flags that appear', 'disappear' => 'Flags that go'] as $list => $title)
    @if ($comparison->{$list} !== [])
        <h3 class="mt-3">{{ $title }}</h3>
        <ul>
            @foreach ($comparison->{$list} as $finding)
                <li class="border-t-[1.5px] border-line py-1.5">
                    <b>{{ $say->about($finding) }}.</b>
                    <span @class(['text-mend' => $list === 'appear' && $finding->weight->mustBeMended()])>
                        {{ __("gauges.weights.{$finding->weight->value}") }}.
                    </span>
                    {{ $say->why($finding) }}
                </li>
            @endforeach
        </ul>
    @endif
@endforeach

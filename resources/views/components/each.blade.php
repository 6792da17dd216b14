@props(['price'])
@if ($price->state->value === 'unknown')
    <span class="text-ink-soft">unknown</span>
@elseif ($price->state->value === 'free')
    free
@else
    <b class="figure font-semibold">{{ $price->each->format() }}</b>
@endif

@props(['price'])
@switch ($price->state->value)
    @case ('unknown')<span class="text-ink-soft">unknown</span>@break
    @case ('free')free@break
    @default<b class="figure font-semibold">{{ $price->each->format() }}</b>
@endswitch
@props(['price'])

@switch ($price->state)
    @case (PluckyWren\Core\Money\PriceState::Unknown)
        <span class="text-ink-soft">unknown</span>
        @break
    @case (PluckyWren\Core\Money\PriceState::Free)
        free
        @break
    @default
        <b class="figure font-semibold">{{ $price->each->format() }}</b>
@endswitch

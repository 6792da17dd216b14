@props(['price'])
@if ($price->state->value === 'unknown')
    <span class="text-ink-soft">{{ __('components/each.unknown') }}</span>
@elseif ($price->state->value === 'free')
    {{ __('components/each.free') }}
@else
    <b class="figure font-semibold">{{ $price->each->format() }}</b>
@endif

@props(['state'])

{{-- A drawn tick, a dashed flag for what is left knowingly, an empty ring for what is open; the words beside it say
     the same. --}}
<svg class="drawn shrink-0 {{ $state->value === 'open' ? 'text-mend'
    : ($state->value === 'fine' ? 'text-ok' : 'text-ink-soft') }}" width="22" height="22" viewBox="0 0 22 22"
    aria-hidden="true">
    @if ($state->value === 'fine')
        <path d="m4 11.5 5 5.5 9-12.5" fill="none" stroke="currentColor" stroke-width="2.6" />
    @elseif ($state->value === 'left')
        <path d="M6 3v17M6 4h11l-3.4 4 3.4 4H6" fill="none" stroke="currentColor" stroke-width="1.8"
            stroke-dasharray="3 2" />
    @else
        <circle cx="11" cy="11" r="7" fill="none" stroke="currentColor" stroke-width="2.4" />
    @endif
</svg>

{{-- What may be said of a piece in this box is brought when it is opened: few of the thirty ever are. --}}
@php($more = route('pieces.more', [$piece, ...$state->query()]))
<details class="piece-more">
    <summary class="icon-button" title="{{ __('plan/boxes.ride.put-into') }}">
        <span class="sr-only">{{ __('plan/boxes.ride.more', ['name' => $planned->name]) }}</span>
        <svg class="drawn" width="16" height="16" viewBox="0 0 16 16" aria-hidden="true"><path
            d="M2.5 6.5v7.2h11V6.5M8 1.8v7.6M5 6.6l3 3 3-3" fill="none" stroke="currentColor"
            stroke-width="1.6" /></svg>
    </summary>
    <div class="cut p-3" hx-get="{{ $more }}" hx-trigger="intersect once" hx-target="this" hx-swap="outerHTML">
        <a class="link" href="{{ $more }}">{{ __('plan/boxes.ride.more', ['name' => $planned->name]) }}</a>
    </div>
</details>

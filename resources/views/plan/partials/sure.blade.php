<section id="sure" class="cut px-4 py-3" aria-labelledby="sure-heading">
    <h2 id="sure-heading">{{ __('plan/fit.sure.heading') }}</h2>
    <p>
        {{ $sure->unmeasured === [] ? __('plan/fit.sure.all-measured')
            : trans_choice('plan/fit.sure.unmeasured', count($sure->unmeasured), ['names' => implode(', ',
            array_slice($sure->unmeasured, 0, 6)), 'more' => max(0, count($sure->unmeasured) - 6)]) }}
    </p>
    @if ($sure->tries !== [])
        <p class="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1">
            <span class="tries" aria-hidden="true">@foreach ($sure->tries as $closed)<i
                @class(['in' => $closed])></i>@endforeach</span>
            <span>{{ __('plan/fit.sure.closes', ['closed' => $sure->closed(), 'tries' => count($sure->tries)]) }}</span>
        </p>
    @endif
    @if ($sure->settledBy !== null)
        <p class="mt-1">
            {{ __('plan/fit.sure.settles', ['name' => $sure->settledBy]) }}
            @if ($sure->settledByLot !== null)<a class="link"
                href="{{ route('lots.edit', $sure->settledByLot) }}">{{ __('plan/fit.sure.measure') }}</a>@endif
        </p>
    @endif
    @if (! $sure->isDone())
        <form class="mt-2" method="post" action="{{ route('boxes.fit-sure', $sure->box) }}"
            hx-post="{{ route('boxes.fit-sure', $sure->box) }}" hx-target="#sure" hx-swap="outerHTML"
            @if ($sure->isAlone || $sure->tries !== [])
                hx-trigger="load delay:{{ $sure->tries === [] ? '2s' : '200ms' }}, submit" @endif>
            @csrf
            @if ($sure->tries === [])
                <button class="button small">{{ __('plan/fit.sure.try') }}</button>
            @endif
        </form>
    @endif
</section>

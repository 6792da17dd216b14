<section class="cut px-4 py-2" aria-labelledby="trips">
    <div class="flex flex-wrap items-center justify-between gap-3 py-1.5">
        <h2 id="trips">{{ __('send/trips.title') }}</h2>
        <a class="button small" href="{{ route('trips.create') }}">{{ __('send/trips.new') }}</a>
    </div>
    @if ($desk->trips->isEmpty())
        <p class="border-t-[1.5px] border-line py-2.5">{{ __('send/trips.none') }}</p>
    @else
        <ul>
            @foreach ($desk->trips as $trip)
                <li class="flex flex-wrap justify-between gap-x-4 border-t-[1.5px] border-line py-2">
                    <a class="link" href="{{ route('trips.show', $trip) }}">{{ __('send/trips.line', ['day' =>
                        $trip->goes_on->format('j M'), 'place' => $trip->place]) }}</a>
                    <span class="text-ink-soft">{{ trans_choice('send/trips.boxes', $trip->boxes->count()) }}</span>
                </li>
            @endforeach
        </ul>
    @endif
</section>

@foreach ($choices->lanes as $lane)
    @php
        $states = $sheet->gauges->mustHaves->ofCategory($lane);
        $pieces = $sheet->lane($lane);
        $filled = count(array_filter($states, fn ($state) => $state->isFilled()));
    @endphp
    <section class="lane" aria-labelledby="lane-{{ $lane->value }}">
        <div class="flex gap-2.5">
            <x-glyph :$lane class="mt-0.5 size-6 shrink-0" />
            <div>
                <h3 id="lane-{{ $lane->value }}" class="font-sans text-base">{{ __("lanes.{$lane->value}") }}</h3>
                <p class="text-ink-soft tabular">
                    {{ implode(' · ',
                        array_filter([$states === [] ? '' : __('plan/views/partials/lanes.filled-of-asked',
                            ['filled' => $filled, 'asked' => count($states)]),
                        $sheet->laneCost($lane)?->format()])) }}
                </p>
            </div>
        </div>
        <div>
            @foreach ($pieces as $piece)
                @part('plan.partials.piece')
            @endforeach
            @foreach ($states as $need)
                @unless ($need->isFilled())
                    @part('plan.partials.missing')
                @endunless
            @endforeach
            @if ($pieces === [] && $states === [])
                <p class="flex min-h-8 items-center text-ink-soft">{{
                    __('plan/views/partials/lanes.nothing-asked-for-nothing-in') }}</p>
            @endif
        </div>
    </section>
@endforeach

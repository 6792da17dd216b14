{{-- Where boxes were given out. Each mark is a link to its boxes; the list below it says the same. --}}
<section class="cut mb-3.5 p-4" aria-labelledby="map">
    <div class="flex flex-wrap items-baseline gap-x-4">
        <h2 id="map">{{ __('send/log.map') }}</h2>
        <p class="text-ink-soft">{{ __('send/log.map-says') }}</p>
        @if ($log->asked->countries !== [])
            <p class="ml-auto"><b>{{ __('send/log.map-chosen', ['where' => implode(', ', array_map(
                fn ($one) => $write->country($one), $log->asked->countries))]) }}</b>
                <a class="link" href="{{ route('log', $log->query()) }}">{{ __('send/log.map-everywhere') }}</a></p>
        @endif
    </div>
    <div class="grid items-center gap-x-8 gap-y-3 wide:grid-cols-[2.6fr_1fr]">
        <div class="world">
            <div class="world-land"></div>
            <svg class="drawn" viewBox="0 0 {{ $map->size[0] }} {{ $map->size[1] }}">
                <title>{{ __('send/log.map') }}</title>
                @foreach ($map->outlines as $outline)<path class="map-country" d="{{ $outline }}" />@endforeach
                @foreach ($map->marks as $mark)
                    <a href="{{ route('log', [...$log->query(), 'country' =>
                        implode('.', array_keys($mark->countries))]) }}"
                        aria-label="{{ trans_choice('send/log.map-mark', $mark->boxes(),
                            ['where' => $map->says($mark)]) }}"
                        @class(['map-mark', 'is-chosen' => array_intersect($log->asked->countries,
                            array_keys($mark->countries)) !== []])>
                        <circle class="map-dot" cx="{{ $mark->x }}" cy="{{ $mark->y }}" r="{{ $mark->radius() }}" />
                        <text class="map-words" x="{{ $mark->x }}" y="{{ $mark->y }}"
                            dominant-baseline="central">{{ $mark->boxes() }}</text>
                    </a>
                @endforeach
            </svg>
        </div>
        <div>
            <table class="w-full" aria-label="{{ __('send/log.map') }}">
                <tbody>
                    @foreach ($map->lines as $line)
                        <tr class="border-t-[1.5px] border-line first:border-t-0">
                            <th scope="row" class="py-0.5 pr-4 text-left font-normal"><a class="link" href="{{ route(
                                'log', [...$log->query(), 'country' => $line['country']]) }}">{{ $line['name'] }}</a>
                            </th>
                            <td class="text-right tabular">{{ trans_choice('send/log.map-boxes', $line['boxes']) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if ($map->unknown > 0)
                <p class="pt-1.5 text-ink-soft">{{ trans_choice('send/log.map-unknown', $map->unknown) }}</p>
            @endif
        </div>
    </div>
</section>

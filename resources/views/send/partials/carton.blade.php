{{-- A carton's layers from above, from the floor up; each box in the colour of its kind, with its code on it. --}}
<figure class="border-t-[1.5px] border-line py-3 first:border-t-0">
    <figcaption class="pb-1.5 font-semibold">{{ __('send/trips.carton', ['number' => $number + 1, 'filled' =>
        $load->filled($number)]) }}</figcaption>
    <ol class="carton-layers">
        @foreach ($layers as $layer)
            <li>
                <svg class="drawn w-full" role="img" viewBox="-60 -60 {{ $load->carton->length + 120 }}
                    {{ $load->carton->width + 120 }}" aria-label="{{ __('send/trips.layer', ['number' =>
                    $loop->iteration]) }}: {{ implode(', ', array_map(fn ($place) => $place->box->label,
                    $layer->places)) }}">
                    <rect class="carton-floor" width="{{ $load->carton->length }}" height="{{ $load->carton->width }}"
                        rx="40" />
                    @foreach ($layer->places as $place)
                        <g transform="translate({{ $place->x }} {{ $place->y }})">
                            <rect @class(['carton-box', 'is-other' => $place->box->kind !== $usual]) x="20" y="20"
                                width="{{ $place->length - 40 }}" height="{{ $place->width - 40 }}" rx="50" />
                            <text class="carton-words" x="{{ $place->length / 2 }}" y="{{ $place->width / 2 }}"
                                @if ($place->width > $place->length) transform="rotate(-90 {{ $place->length / 2 }}
                                {{ $place->width / 2 }})" @endif
                                dominant-baseline="central">{{ $place->box->label }}</text>
                        </g>
                    @endforeach
                </svg>
                <span class="text-ink-soft tabular" aria-hidden="true">{{ $loop->iteration }}</span>
            </li>
        @endforeach
    </ol>
</figure>

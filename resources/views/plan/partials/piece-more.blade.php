{{-- What may be said of a piece in this box: in what it rides, and what it counts as. --}}
@php
    $holders = $sheet->holdersFor($piece);
    $inHolder = $sheet->isRider($piece) ? $planned->choices->into : null;
    $forms = ['into' => ['plan/boxes.ride.label', 'plan/boxes.ride.nothing', $holders, $inHolder, 'into'],
        'counts-as' => ['plan/boxes.counts.label', 'plan/boxes.counts.itself-option', $sheet->needNames(),
            $planned->choices->countsAs, 'need']];
@endphp
<details class="piece-more">
    <summary class="icon-button" title="{{ __('plan/boxes.ride.put-into') }}">
        <span class="sr-only">{{ __('plan/boxes.ride.more', ['name' => $planned->name]) }}</span>
        <svg class="drawn" width="16" height="16" viewBox="0 0 16 16" aria-hidden="true"><path
            d="M2.5 6.5v7.2h11V6.5M8 1.8v7.6M5 6.6l3 3 3-3" fill="none" stroke="currentColor"
            stroke-width="1.6" /></svg>
    </summary>
    <div class="cut grid gap-2 p-3">
        @foreach ($forms as $what => [$label, $none, $options, $now, $field])
            @if ($options !== [])
                @sheetForm(route("pieces.{$what}", $piece), 'put',
                    ['class' => 'grid gap-1', 'hx-trigger' => 'change, submit', 'data-into' => $what === 'into'])
                    <label for="{{ $what }}-{{ $piece->id }}">{{ __($label) }}</label>
                    <select class="input" id="{{ $what }}-{{ $piece->id }}" name="{{ $field }}">
                        <option value="">{{ __($none) }}</option>
                        @foreach ($options as $id => $name)
                            <option value="{{ $id }}" @selected($now === $id)>{{ $name }}</option>
                        @endforeach
                    </select>
                    <noscript><button class="button small">{{
                        __('plan/views/partials/piece-more.ok') }}</button></noscript>
                @endSheetForm
            @endif
        @endforeach
        @if ($piece->lot_id !== null)
            @sheetForm(route('pieces.leave', $piece), 'post', ['class' => 'grid gap-1'])
                <label for="leave-{{ $piece->id }}">{{ __('plan/next-box.because') }}</label>
                <input class="input" id="leave-{{ $piece->id }}" name="because" maxlength="200" autocomplete="off">
                <button class="button small justify-self-start">{{ __('plan/next-box.leave') }}<span
                    class="sr-only">: {{ $planned->name }}</span></button>
            @endSheetForm
        @endif
    </div>
</details>

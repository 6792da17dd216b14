{{-- What may be said of a piece in this box: in what it rides, and what it counts as. It comes when it is opened. --}}
@php
    $inHolder = $sheet->isRider($piece) ? $planned->choices->into : null;
    $forms = ['into' => ['plan/boxes.ride.label', 'plan/boxes.ride.nothing', $sheet->holdersFor($piece), $inHolder,
        'into'],
        'counts-as' => ['plan/boxes.counts.label', 'plan/boxes.counts.itself-option', $sheet->needNames(),
            $planned->choices->countsAs, 'counts_as']];
@endphp
<x-layout :title="__('plan/boxes.ride.more', ['name' => $planned->name])" station="shelf">
    {{-- Here nothing is brought in place of a part: what is sent leads back to the box. --}}
    <div hx-ignore>
        <h1>{{ $planned->name }}</h1>
        <p class="pb-3"><a class="link" href="{{ route('boxes.show', $sheet->box) }}">{{
            __('plan/views/piece.back', ['box' => $sheet->box->theme]) }}</a></p>
        @fragment('more')
            <section class="cut grid max-w-md gap-2 p-3" aria-label="{{ __('plan/boxes.ride.more', [
                'name' => $planned->name,
            ]) }}">
                @foreach ($forms as $what => [$label, $none, $options, $now, $field])
                    @if ($options !== [])
                        @sheetForm(route("pieces.{$what}", $piece), 'put', ['class' => 'grid gap-1',
                            'hx-trigger' => 'change, submit', 'data-into' => $what === 'into'])
                            <label for="{{ $what }}-{{ $piece->id }}">{{ __($label) }}</label>
                            <select class="input" id="{{ $what }}-{{ $piece->id }}" name="{{ $field }}">
                                <option value="">{{ __($none) }}</option>
                                @foreach ($options as $id => $name)
                                    <option value="{{ $id }}" @selected($now === $id)>{{ $name }}</option>
                                @endforeach
                            </select>
                            @unless ($isPart)
                                <button class="button small justify-self-start">{{ __('plan/views/piece.ok') }}</button>
                            @endunless
                        @endSheetForm
                    @endif
                @endforeach
                @if ($piece->lot_id !== null)
                    @sheetForm(route('pieces.leave', $piece), 'post', ['class' => 'grid gap-1'])
                        <label for="leave-{{ $piece->id }}">{{ __('plan/next-box.because') }}</label>
                        <input class="input" id="leave-{{ $piece->id }}" name="because" maxlength="200"
                            autocomplete="off">
                        <button class="button small justify-self-start">{{ __('plan/next-box.leave') }}<span
                            class="sr-only">: {{ $planned->name }}</span></button>
                    @endSheetForm
                @endif
            </section>
        @endfragment
    </div>
</x-layout>

{{-- A label that nobody could read is told once, and known from then on. --}}
@php
    [$label, $isShoes] = $sheet->unreadLabel($finding);
    $wrongLabel = $errors->getBag('label')->first('fits');
@endphp
@sheetForm(route('labels.store'), 'post', ['class' => 'flex flex-wrap items-end gap-1.5'])
    <input type="hidden" name="box" value="{{ $sheet->box->id }}">
    <input type="hidden" name="label" value="{{ $label }}">
    <input type="hidden" name="shoes" value="{{ (int) $isShoes }}">
    <label class="flex flex-wrap items-center gap-1.5">
        <span>{{ __('plan/flags.label-means', ['label' => $label]) }}</span>
        <input class="input w-24" name="fits" inputmode="decimal" autocomplete="off" required maxlength="20"
            value="{{ $wrongLabel === '' ? '' : old('fits') }}"
            @if ($wrongLabel !== '') aria-invalid="true" aria-describedby="{{ $bag }}-fits" @endif>
        <span>{{ __('plan/flags.label-means-unit.'.($isShoes ? 'foot' : 'height')) }}</span>
    </label>
    <button class="button small">{{ __('plan/flags.teach-it') }}</button>
    @if ($wrongLabel !== '')<p class="wrong w-full" id="{{ $bag }}-fits">{{ $wrongLabel }}</p>@endif
@endSheetForm

@php
    $ticked = is_array(old('boxes')) ? old('boxes') : $choose->ticked;
    $day = old('goes_on', $choose->day->toDateString());
    $where = old('place', $choose->places[0] ?? '');
@endphp
<div class="grid gap-3 sm:grid-cols-2">
    <x-field name="place" :label="__('send/trips.place')" :value="$where" list="places" required maxlength="120"
        autocomplete="off" />
    <datalist id="places">@foreach ($choose->places as $place)<option value="{{ $place }}"></option>@endforeach
    </datalist>
    <x-field name="goes_on" type="date" :label="__('send/trips.day')" :value="$day" required />
</div>
<fieldset>
    <legend class="font-semibold">{{ __('send/trips.which') }}</legend>
    @foreach ($choose->boxes as $box)
        <label class="flex items-center gap-2.5 border-t-[1.5px] border-line py-1.5 first-of-type:border-t-0">
            <input type="checkbox" name="boxes[]" value="{{ $box->id }}" @checked(in_array($box->id, $ticked, true))>
            <b class="figure w-20">{{ $box->code()->text }}</b>
            <span class="grow">{{ $box->theme }}</span>
            <span class="text-ink-soft">{{ __("plan/stages.{$box->stage->value}.name") }}</span>
        </label>
    @endforeach
    <x-wrong name="boxes" />
</fieldset>

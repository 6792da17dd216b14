{{-- Those that are ticked are left for one reason, in one act. --}}
@php($wrong = $errors->getBag('several')->first('because'))
@sheetForm(route('answers.store', $sheet->box), 'post',
    ['id' => 'several', 'class' => 'mt-3 flex flex-wrap items-end gap-1.5 border-t-[1.5px] border-line pt-2'])
    <div class="min-w-64 max-w-xl grow">
        <label class="font-semibold" for="several-because">{{ __('plan/flags.all-because') }}</label>
        <input class="input" id="several-because" name="because" maxlength="400" required autocomplete="off"
            value="{{ $wrong === '' ? '' : old('because') }}"
            @if ($wrong !== '') aria-invalid="true" aria-describedby="several-wrong" @endif>
        @if ($wrong !== '')<p class="wrong" id="several-wrong">{{ $wrong }}</p>@endif
    </div>
    <button class="button">{{ __('plan/flags.leave-all') }}</button>
@endSheetForm

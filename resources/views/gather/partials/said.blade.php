@php
    $said = $lot !== null && $lot->kind === $kind->id ? $lot->said : null;
    $was = $write->said($said);
@endphp
<fieldset class="mt-3 border-t-[1.5px] border-line pt-3">
    <legend class="font-semibold">{{ __('gather/stash.said.title') }}</legend>
    <p class="hint">{{ __('gather/stash.said.hint') }}</p>
    <div class="mt-2 grid gap-3 sm:grid-cols-3">
        <x-field name="packs_as" :label="__('gather/stash.said.form')" :$bag id="f-form">
            <select class="input" id="f-form" name="packs_as">
                @foreach ($choices->forms as $form)
                    <option value="{{ $form->value }}"
                        @selected($typed('packs_as', $kind->handling->form->value) === $form->value)>
                        {{ __("gather/stash.forms.{$form->value}") }}</option>
                @endforeach
            </select>
        </x-field>
        @foreach (['smallest', 'cord', 'grams', 'hollow', 'mouth'] as $field)
            <x-field :name="$field" :label="__('gather/stash.said.'.$field)" :$bag :id="'f-'.$field" maxlength="60"
                :value="$typed($field, $was[$field])" autocomplete="off" />
        @endforeach
    </div>
    <label class="mt-2 flex items-center gap-2">
        <input type="checkbox" name="is_solid" value="1" @checked($typed('is_solid', $said?->isSolid))>
        {{ __('gather/stash.said.solid') }}
    </label>
</fieldset>

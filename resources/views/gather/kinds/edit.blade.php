@php
    $ages = $kind->usage->ages;
    $traits = $errors->isNotEmpty() ? (array) old('traits', []) : array_column($kind->care->traits, 'value');
@endphp
<x-layout :title="$kind->name" station="gather">
    <x-gather-tabs on="kinds" />
    <div class="mx-auto grid max-w-2xl gap-3.5">
        <form method="post" action="{{ route('kinds.update', $own->id) }}" class="cut grid gap-4 p-5">
            @csrf
            @method('put')
            <h1>{{ __('gather/kinds.correct', ['name' => $kind->name]) }}</h1>
            <x-field name="name" :label="__('gather/kinds.name')" required maxlength="40"
                :value="old('name', $kind->name)" />
            <x-field name="also" :label="__('gather/kinds.also')" :hint="__('gather/kinds.also-hint')" maxlength="400"
                :value="old('also', implode(', ', $own->line['also'] ?? []))" />
            @include('gather.kinds.lanes', ['lane' => old('category', $kind->category->value)])
            @include('gather.kinds.sides', ['size' => $kind->body->size])
            <div class="grid gap-3 sm:grid-cols-2">
                <x-field name="packs_as" :label="__('gather/kinds.form')">
                    <select class="input" id="packs_as" name="packs_as">
                        @foreach ($choices->forms as $form)
                            <option value="{{ $form->value }}"
                                @selected(old('packs_as', $kind->handling->form->value) === $form->value)>
                                {{ __("gather/stash.forms.{$form->value}") }}</option>
                        @endforeach
                    </select>
                </x-field>
                <x-field name="grams" :label="__('gather/kinds.grams')" inputmode="numeric"
                    :value="old('grams', $kind->body->grams)" />
                <x-field name="from_age" :label="__('gather/kinds.ages')" inputmode="numeric"
                    :value="old('from_age', $ages?->fromYears)" />
                <x-field name="to_age" :label="__('gather/kinds.ages-to')" inputmode="numeric"
                    :value="old('to_age', $ages?->toYears)" />
            </div>
            <fieldset>
                <legend class="font-semibold">{{ __('gather/kinds.traits') }}</legend>
                <div class="mt-1 grid gap-x-4 gap-y-1 sm:grid-cols-3">
                    @foreach ($choices->traits as $trait)
                        <label class="flex items-center gap-2">
                            <input type="checkbox" name="traits[]" value="{{ $trait->value }}"
                                @checked(in_array($trait->value, $traits, true))>
                            {{ __("gather/stash.traits.{$trait->value}") }}
                        </label>
                    @endforeach
                </div>
            </fieldset>
            <label class="flex items-center gap-2">
                <input type="checkbox" name="is_solid" value="1" @checked(old('is_solid'))>
                {{ __('gather/kinds.solid') }}
            </label>
            <div class="flex flex-wrap gap-3">
                <button class="button go">{{ __('gather/kinds.save') }}</button>
                <a class="button" href="{{ route('kinds') }}">{{ __('gather/kinds.cancel') }}</a>
            </div>
        </form>
        <details class="cut px-4 py-3" @if ($errors->has('into')) open @endif>
            <summary class="link">{{ __('gather/kinds.join') }}</summary>
            <form method="post" action="{{ route('kinds.join', $own->id) }}" class="mt-3 grid gap-3">
                @csrf
                <p>{{ __('gather/kinds.join-why') }}</p>
                <x-field name="into" :label="__('gather/kinds.join-into')">
                    <x-kind-input id="into" name="into" required :typed="is_scalar(old('into')) ? old('into') : ''" />
                </x-field>
                <div><button class="button">{{ __('gather/kinds.join-do') }}</button></div>
            </form>
        </details>
        <details class="cut px-4 py-3" @if ($errors->has('kind')) open @endif>
            <summary class="link">{{ __('gather/kinds.drop') }}</summary>
            <form method="post" action="{{ route('kinds.destroy', $own->id) }}" class="mt-3 grid gap-3">
                @csrf
                @method('delete')
                <p>{{ __('gather/kinds.drop-why') }}</p>
                <x-wrong name="kind" />
                <div><button class="button warn">{{ __('gather/kinds.drop-do') }}</button></div>
            </form>
        </details>
    </div>
</x-layout>

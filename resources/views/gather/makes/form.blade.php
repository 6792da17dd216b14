@php($title = $recipe->exists ? $recipe->name : __('gather/makes.new'))
<x-layout :$title station="gather">
    <x-gather-tabs on="makes" />
    <div class="mx-auto max-w-2xl">
        <h1 class="pb-3">{{ $title }}</h1>
        <form method="post" data-draft="recipe-{{ $recipe->id }}-{{ $recipe->updated_at?->timestamp }}"
            data-draft-back="{{ __('answer.draft') }}"
            action="{{ $recipe->exists ? route('makes.update', $recipe) : route('makes.store') }}"
            class="cut grid gap-3 p-5">
            @csrf
            <x-once />
            @if ($recipe->exists) @method('put') @endif
            <x-field name="name" :label="__('gather/makes.name')" required maxlength="80" autocomplete="off"
                :value="old('name', $recipe->name)" />
            <x-field name="kind" :label="__('gather/makes.kind')">
                <x-kind-input :kind="$recipe->exists ? $recipe->value()->kind : null" required />
            </x-field>
            <div class="grid gap-3 sm:grid-cols-2">
                <x-field name="gives" :label="__('gather/makes.gives')" type="number" min="1" max="1000" required
                    :value="old('gives', $recipe->gives)" />
                <x-field name="minutes" :label="__('gather/makes.batch-minutes')" type="number" min="1"
                    :value="old('minutes', $recipe->minutes)" />
            </div>
            <x-field name="materials" :label="__('gather/makes.materials')">
                <textarea class="input" id="materials" name="materials" rows="5" maxlength="2000"
                    required>{{ old('materials', $recipe->materials) }}</textarea>
            </x-field>
            <p class="hint">{{ __('gather/makes.materials-hint') }}</p>
            <div class="flex flex-wrap gap-3">
                <button class="button go">{{ __('gather/makes.save') }}</button>
                <a class="button" href="{{ route('makes') }}">{{ __('gather/makes.back') }}</a>
            </div>
        </form>
        @if ($recipe->exists)
            <form method="post" action="{{ route('makes.destroy', $recipe) }}" class="mt-4">
                @csrf
                @method('delete')
                <button class="button warn">{{ __('gather/makes.drop') }}</button>
            </form>
        @endif
    </div>
</x-layout>

<x-layout :title="__('gather/kinds.new')" station="gather">
    <x-gather-tabs on="kinds" />
    <form method="post" action="{{ route('kinds.store') }}" data-draft="kind"
        data-draft-back="{{ __('answer.draft') }}" class="cut mx-auto grid max-w-2xl gap-4 p-5">
        @csrf
        <x-once />
        <input type="hidden" name="back" value="{{ old('back', $back) }}">
        <h1>{{ __('gather/kinds.new') }}</h1>
        <x-field name="name" :label="__('gather/kinds.name')" required maxlength="40" :value="old('name', $name)"
            data-focus />
        @include('gather.kinds.lanes', ['lane' => old('category', $likely?->category->value ?? '')])
        <x-field name="like" :label="__('gather/kinds.like')" :hint="__('gather/kinds.like-hint')">
            <x-kind-input id="like" name="like" :typed="is_scalar(old('like')) ? old('like') : ''"
                aria-describedby="like-hint" />
        </x-field>
        <label class="flex items-center gap-2">
            <input type="checkbox" name="counts_as" value="1" @checked(old('counts_as', $errors->isEmpty()))>
            {{ __('gather/kinds.counts-as') }}
        </label>
        @include('gather.kinds.sides', ['size' => null])
        <div class="flex flex-wrap gap-3">
            <button class="button go">{{ __('gather/kinds.save') }}</button>
            <a class="button" href="{{ $back === '' ? route('kinds') : url($back) }}">
                {{ __('gather/kinds.cancel') }}</a>
        </div>
    </form>
</x-layout>

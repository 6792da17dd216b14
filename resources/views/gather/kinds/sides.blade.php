<fieldset>
    <legend class="font-semibold">{{ __('gather/kinds.size') }}</legend>
    <div class="mt-1 grid gap-3 sm:grid-cols-3">
        @foreach (['length', 'width', 'height'] as $side)
            <x-field :name="$side" :label="__('gather/kinds.'.$side)"
                :value="old($side, $size === null ? '' : $write->mm($size->{$side}))" autocomplete="off" />
        @endforeach
    </div>
</fieldset>

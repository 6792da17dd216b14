@props(['hasPhoto', 'store', 'destroy'])

{{-- Takes a photo, another one, or puts it away. --}}
<form method="post" action="{{ $store }}" enctype="multipart/form-data" class="mt-2 flex flex-wrap items-end gap-3">
    @csrf
    <x-field name="photo" :label="__('pack/bench.photo.'.($hasPhoto ? 'another' : 'take'))">
        <input class="input" id="photo" type="file" name="photo" accept="image/jpeg,image/png,image/webp"
            capture="environment" required>
    </x-field>
    <button class="button">{{ __('pack/bench.photo.keep') }}</button>
</form>
<p class="hint">{{ __('pack/bench.photo.hint') }}</p>
@if ($hasPhoto)
    <form method="post" action="{{ $destroy }}" class="mt-2">
        @csrf
        @method('delete')
        <button class="button small">{{ __('pack/bench.photo.drop') }}</button>
    </form>
@endif

<section class="cut mt-5 p-4" aria-labelledby="lot-photo">
    <h2 id="lot-photo" class="text-base">{{ __('gather/stash.photo.title') }}</h2>
    @if ($hasPhoto)
        <img class="mt-2 max-h-72 max-w-full rounded" src="{{ route('lots.photo', $lot) }}"
            alt="{{ __('gather/stash.photo.alt', ['name' => $lot->name]) }}">
    @endif
    <form method="post" action="{{ route('lots.photo.store', $lot) }}" enctype="multipart/form-data"
        class="mt-2 flex flex-wrap items-end gap-3">
        @csrf
        <x-field name="photo" :label="__('pack/bench.photo.'.($hasPhoto ? 'another' : 'take'))">
            <input class="input" id="photo" type="file" name="photo" accept="image/jpeg,image/png,image/webp"
                capture="environment" required>
        </x-field>
        <button class="button">{{ __('pack/bench.photo.keep') }}</button>
    </form>
    <p class="hint">{{ __('pack/bench.photo.hint') }}</p>
    @if ($hasPhoto)
        <form method="post" action="{{ route('lots.photo.destroy', $lot) }}" class="mt-2">
            @csrf
            @method('delete')
            <button class="button small">{{ __('pack/bench.photo.drop') }}</button>
        </form>
    @endif
</section>

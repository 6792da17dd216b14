<section class="cut mt-5 p-4" aria-labelledby="lot-photo">
    <h2 id="lot-photo" class="text-base">{{ __('gather/stash.photo.title') }}</h2>
    @if ($hasPhoto)
        <img class="mt-2 max-h-72 max-w-full rounded" src="{{ route('lots.photo', $lot) }}"
            alt="{{ __('gather/stash.photo.alt', ['name' => $lot->name]) }}">
    @endif
    <x-photo-form :$hasPhoto :store="route('lots.photo.store', $lot)" :destroy="route('lots.photo.destroy', $lot)" />
</section>

{{-- The box as the child opens it: by the plan, and as a photo where someone took one. --}}
<section class="mt-6" aria-labelledby="as-opened">
    <h2 id="as-opened">{{ __('pack/bench.photo.heading') }}</h2>
    <x-open-box :drawing="$drawing" :is-numbered="false" class="mt-2 w-full max-w-xl" />
    @if ($hasPhoto)
        <img class="cut mt-2 w-full max-w-xl" src="{{ route('boxes.photo', $box) }}"
            alt="{{ __('pack/bench.photo.alt', ['box' => $box->theme]) }}">
    @endif
    <form method="post" action="{{ route('boxes.photo.store', $box) }}" enctype="multipart/form-data"
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
        <form method="post" action="{{ route('boxes.photo.destroy', $box) }}" class="mt-2">
            @csrf
            @method('delete')
            <button class="button small">{{ __('pack/bench.photo.drop') }}</button>
        </form>
    @endif
</section>

{{-- The box as the child opens it: by the plan, and as a photo where someone took one. --}}
<section class="mt-6" aria-labelledby="as-opened">
    <h2 id="as-opened">{{ __('pack/bench.photo.heading') }}</h2>
    <x-open-box :drawing="$drawing" :is-numbered="false" class="mt-2 w-full max-w-xl" />
    @if ($hasPhoto)
        <img class="cut mt-2 w-full max-w-xl" src="{{ route('boxes.photo', $box) }}"
            alt="{{ __('pack/bench.photo.alt', ['box' => $box->theme]) }}">
    @endif
    <x-photo-form :$hasPhoto :store="route('boxes.photo.store', $box)" :destroy="route('boxes.photo.destroy', $box)" />
</section>

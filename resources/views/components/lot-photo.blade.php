@props(['lot'])

{{-- The photo of a thing where someone took one; it tells nothing that its name beside it does not. --}}
@if ($lot->has_photo)
    <img {{ $attributes->class('lot-photo') }} src="{{ route('lots.photo', $lot) }}" alt="" loading="lazy" width="36"
        height="36">
@endif

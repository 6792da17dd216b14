@props(['lot'])

{{-- The photo of a thing; it tells nothing that its name beside it does not. Asked for only where someone took one:
     most rows of a list have none. --}}
<img {{ $attributes->class('lot-photo') }} src="{{ route('lots.photo', $lot) }}" alt="" loading="lazy" width="36"
    height="36">

@props(['next', 'about'])

{{-- The one step of a box's way that comes now, with a link to where it is done. --}}
<p {{ $attributes }}>{{ __('plan/next.label') }}: <a class="link font-semibold" href="{{ $next->address }}">{{
    $next->says }}<span class="sr-only">: {{ $about }}</span></a></p>

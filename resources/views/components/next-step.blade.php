@props(['next', 'about', 'here' => false])

{{-- The one step of a box's way that comes now, with a link to where it is done: on the box's own sheet that may be the
     picker. --}}
<p {{ $attributes }}>{{ __('plan/next.label') }}: <a class="link font-semibold"
    @if ($here && $next->isPicking) @toPicker($next->address) @else href="{{ $next->address }}" @endif>{{
    $next->says }}<span class="sr-only">: {{ $about }}</span></a></p>

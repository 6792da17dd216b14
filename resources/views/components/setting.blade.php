@props(['which', 'was', 'says' => null])

{{-- One setting of the crew as a form of its own: what it showed goes along, so that nobody writes over another. --}}
<form method="post" action="{{ route('settings.update', $which) }}" class="cut grid gap-3 p-5" id="{{ $which }}">
    @csrf
    @method('put')
    <input type="hidden" name="was" value="{{ $was }}">
    {{ $slot }}
    @if ($says !== null)<p class="text-ink-soft">{{ $says }}</p>@endif
    <div><button class="button">{{ __('crew/settings.save') }}</button></div>
</form>

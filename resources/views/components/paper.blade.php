@props(['title', 'station', 'print', 'back', 'backTo', 'says' => null])

{{-- A page that is printed: on the screen as the sheet that it will be, with what is not printed above it. --}}
<x-layout :$title :$station>
    <div class="no-print mx-auto flex max-w-[190mm] flex-wrap items-center gap-3 pb-4">
        <button type="button" class="button go" data-print hidden>{{ $print }}</button>
        <a class="button" href="{{ $backTo }}">{{ $back }}</a>
        @if ($says !== null)<p class="text-ink-soft">{{ $says }}</p>@endif
    </div>
    <article class="paper-sheet cut">
        {{ $slot }}
    </article>
</x-layout>

@props(['needs', 'width' => 150, 'class' => ''])

{{-- Must-haves: a peg stands on the rail for each need that is filled, a stub where one is missing. --}}
@php($pitch = min(15, ($width - 4) / max(1, $needs->asked())))
<svg class="drawn {{ $class }}" width="{{ $width }}" height="28" viewBox="0 0 {{ $width }} 28" aria-hidden="true"
    focusable="false">
    @foreach ($needs->states as $state)
        @if ($state->isFilled())
            <rect class="peg-in" x="{{ round(2 + $loop->index * $pitch, 2) }}" y="4"
                width="{{ round($pitch * 0.62, 2) }}" height="20" rx="2" />
        @else
            <rect class="peg-out" x="{{ round(2 + $loop->index * $pitch, 2) }}" y="15"
                width="{{ round($pitch * 0.62, 2) }}" height="9" rx="2" />
        @endif
    @endforeach
    <path class="pen" d="M1 24.5H{{ $width - 1 }}" />
</svg>

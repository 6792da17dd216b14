{{-- What became of boxes under one docket: five stamps in a row, each with its word; what was told stands below. --}}
@php
    $story = $track?->story();
    $known = collect($story?->events ?? [])->keyBy(fn ($event) => $event->stage->value);
@endphp
<ol class="track" aria-label="{{ __('send/track.title') }}">
    @foreach ($choices->trackStages as $stage)
        @php($event = $known[$stage->value] ?? null)
        <li @class(['is-told' => $event !== null])>
            <svg class="drawn" viewBox="0 0 20 20" width="18" height="18" aria-hidden="true" focusable="false">
                <path d="M3 4.5 16.5 3l.8 13.4L4 17.2Z" class="stamp-shape" />
                @if ($event)<path class="pen" d="m6.5 10.4 2.6 3 4.6-6.6" />@endif
            </svg>
            <span>{{ $stage->value === 'given-out' && $event?->country ? __('send/track.given-out-in', ['country' =>
                $write->country($event->country)]) : __("send/track.stages.{$stage->value}") }}
                @if ($event)<span class="text-ink-soft tabular">{{ $event->day->format('j M Y') }}</span>
                @else<span class="sr-only">{{ __('send/track.is-open') }}</span>@endif</span>
        </li>
    @endforeach
</ol>
@foreach ($story?->events ?? [] as $event)
    @if ($event->takenOut !== [])<p class="pt-1">{{ __('send/track.taken-out', ['things' =>
        implode(', ', $event->takenOut)]) }}</p>@endif
    @if ($event->toppedUp !== [])<p class="pt-1">{{ __('send/track.topped-up', ['things' =>
        implode(', ', $event->toppedUp)]) }}</p>@endif
@endforeach
@if ($track?->trouble)
    <p class="wrong">{{ __('send/track.trouble', ['why' => $track->trouble, 'when' => $track->ask_at->isPast()
        ? __('send/track.soon') : $track->ask_at->diffForHumans()]) }}</p>
@endif

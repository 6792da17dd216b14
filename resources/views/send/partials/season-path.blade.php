{{-- The year as a path from one hand-in to the next: five stretches, and the wren where we are. --}}
@php($now = $path->current())
<section class="cut p-5" aria-label="{{ __('send/season.title') }}">
    <svg class="drawn season-path w-full" viewBox="-20 0 1040 96" aria-hidden="true" focusable="false">
        @foreach ($path->stretches() as $stretch)
            <rect @class(['stretch', 'is-now' => $stretch->phase === $now]) x="{{ $stretch->place }}" y="56"
                width="{{ $stretch->length }}" height="24" rx="5" />
        @endforeach
        <path class="here" d="M{{ $path->place($path->today) }} 50l-9 -14h18Z" />
        <text class="drawn-words here-words" x="{{ $path->place($path->today) }}" y="28"
            @if ($path->place($path->today) > 940) text-anchor="end" @else text-anchor="middle" @endif>{{
            $path->today->format('j M') }}</text>
    </svg>
    <ol class="grid gap-x-4 gap-y-1 sm:grid-cols-5">
        @foreach ($path->stretches() as $stretch)
            <li @class(['border-t-[3px] pt-1', $stretch->phase === $now ? 'border-next' : 'border-line'])
                @if ($stretch->phase === $now) aria-current="step" @endif>
                <b>{{ __("send/season.phases.{$stretch->phase->value}") }}</b>
                <span class="block text-ink-soft tabular">{{ $stretch->from->format('j M') }} –
                    {{ $stretch->to->format('j M') }}</span>
            </li>
        @endforeach
    </ol>
    <p class="pt-3 text-lg">{{ __("send/season.now.{$now->value}") }}
        <a class="link" href="{{ route(['gather' => 'gather', 'make' => 'makes', 'plan' => 'shelf', 'pack' => 'pack',
            'send' => 'send'][$now->value]) }}">{{ __("send/season.links.{$now->value}") }}</a></p>
</section>

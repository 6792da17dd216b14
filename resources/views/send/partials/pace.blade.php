<div class="grid gap-1">
    <p class="text-lg">{{ trans_choice('send/season.done', $pace->done) }}
        <span class="text-ink-soft">{{ trans_choice('send/season.days', $pace->daysLeft) }}</span></p>
    @if ($pace->goal === null)
        <p>{{ trans_choice('send/season.foretold', $pace->foretold()) }}</p>
        <p class="text-ink-soft">{{ __('send/season.no-goal') }}</p>
    @else
        <svg class="drawn pace w-full" viewBox="0 0 {{ $pace->most() }} 1"
            preserveAspectRatio="none" height="26" aria-hidden="true" focusable="false">
            <rect class="pace-goal" width="{{ $pace->goal }}" height="1" />
            <rect class="pace-foretold" width="{{ $pace->foretold() }}" height="1" />
            <rect class="pace-done" width="{{ $pace->done }}" height="1" />
        </svg>
        @if ($pace->isReached())
            <p class="font-semibold">{{ __('send/season.reached', ['goal' => $pace->goal]) }}</p>
        @else
            <p><b>{{ __('send/season.of', ['foretold' => $pace->foretold(), 'goal' => $pace->goal]) }}</b>
                {{ $pace->isEnough() ? __('send/season.enough') : trans_choice('send/season.weekly', $pace->weekly(),
                    ['goal' => $pace->goal]) }}</p>
        @endif
    @endif
</div>

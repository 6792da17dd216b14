@php($story = $sheet->story())
@if ($story->changes->isNotEmpty())
    <details class="w-full" id="history">
        <summary class="link text-ink-soft">{{ __('history.title') }} ({{ $story->changes->count() }})</summary>
        <ol class="cut mt-2 max-w-3xl px-4 py-1">
            @foreach ($story->changes as $change)
                <li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t-[1.5px] border-line py-1.5
                    first:border-t-0">
                    <span><b>{{ __("history.what.{$change->what}") }}</b><span
                        class="text-ink-soft">{{ $story->namesOf($change) }};
                        {{ $change->by === '' ? ''
                            : $change->by.', ' }}{{ $write->moment($change->created_at) }}</span></span>
                    @if ($change->undone_at)
                        <span class="text-ink-soft">{{ __('history.was-undone') }}</span>
                    @elseif ($change->canBeUndone())
                        <form method="post" action="{{ route('box-changes.undo', $change) }}" class="ml-auto">
                            @csrf<button class="button small">
                                {{ __('history.undo') }}<span
                                    class="sr-only">:
                                    {{ __("history.what.{$change->what}").$story->namesOf($change) }}</span></button>
                        </form>
                    @endif
                </li>
            @endforeach
        </ol>
    </details>
@endif

@php($lines = $sheet->story()->lines)
@if ($lines !== [])
    <details class="w-full" id="history">
        <summary class="link text-ink-soft">{{ __('plan/history.title') }} ({{ count($lines) }})</summary>
        <ol class="cut mt-2 max-w-3xl px-4 py-1">
            @foreach ($lines as $line)
                @php($what = __("plan/history.what.{$line['what']}"))
                <li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t-[1.5px] border-line py-1.5
                    first:border-t-0">
                    <span><b>{{ $what }}</b><span
                        class="text-ink-soft">{{ $line['about'] }};
                        {{ $line['by'] === '' ? '' : "{$line['by']}, " }}{{ $line['at'] }}</span></span>
                    @if ($line['isUndone'])
                        <span class="text-ink-soft">{{ __('plan/history.was-undone') }}</span>
                    @elseif ($line['canBeUndone'])
                        <form method="post" action="{{ route('box-changes.undo', $line['change']) }}" class="ml-auto">
                            @csrf<button class="button small">
                                {{ __('plan/history.undo') }}<span class="sr-only">: {{ $what.$line['about'] }}</span>
                                </button>
                        </form>
                    @endif
                </li>
            @endforeach
        </ol>
    </details>
@endif

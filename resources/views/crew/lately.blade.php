@php($title = $page->box === null ? __('crew/lately.title') : __('crew/lately.of-box', ['theme' => $page->box->theme]))
<x-layout :$title :station="$page->box === null ? null : 'shelf'">
    <div class="mx-auto max-w-3xl">
        <h1>{{ $title }}</h1>
        @if ($page->box !== null)
            <p class="py-3"><a class="link" href="{{ route('boxes.show', $page->box) }}">{{
                __('crew/lately.to-box') }}</a></p>
        @else
            <p class="text-ink-soft">{{ __('crew/lately.lead') }}</p>
            <p class="flex gap-4 py-3">
                <a @class(['link' => $page->by === '', 'font-semibold' => $page->by !== ''])
                    href="{{ route('lately') }}" @if ($page->by !== '') aria-current="page" @endif>
                    {{ __('crew/lately.mine') }}</a>
                <a @class(['link' => $page->by !== '', 'font-semibold' => $page->by === ''])
                    href="{{ route('lately', ['by' => 'all']) }}"
                    @if ($page->by === '') aria-current="page" @endif>{{ __('crew/lately.all') }}</a>
            </p>
        @endif
        @if ($page->deeds === [])
            <p class="cut p-4">{{ __('crew/lately.nothing') }}</p>
        @else
            <ol class="cut px-4 py-1" id="deeds">
                @foreach ($page->deeds as $deed)
                    <li class="flex flex-wrap items-start gap-x-3 gap-y-1 border-t-[1.5px] border-line py-2
                        first:border-t-0">
                        <div class="min-w-0 flex-1">
                            @foreach ($deed['lines'] as $line)
                                <p @class(['line-through' => $deed['isUndone']])>{{ $line }}</p>
                            @endforeach
                            @if ($deed['more'] > 0)
                                <p class="text-ink-soft">{{ trans_choice('crew/lately.more', $deed['more']) }}</p>
                            @endif
                            <p class="text-sm text-ink-soft">{{ $deed['by'] === '' ? '' : "{$deed['by']}, " }}{{
                                $deed['at'] }}</p>
                        </div>
                        @if ($deed['isUndone'])
                            <span class="text-ink-soft">{{ __('crew/lately.undone') }}</span>
                        @elseif ($deed['canBeUndone'])
                            <form method="post" action="{{ route('deeds.undo', $deed['deed']) }}">
                                @csrf
                                <button class="button small">{{ __('crew/lately.undo') }}<span
                                    class="sr-only">: {{ $deed['lines'][0] }}, {{ $deed['at'] }}</span></button>
                            </form>
                        @endif
                    </li>
                @endforeach
            </ol>
        @endif
    </div>
</x-layout>

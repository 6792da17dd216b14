{{-- Whatever way things came in, the boxes that wait for them get them in one act. --}}
@php($shown = array_slice($moves, 0, 8))
@if ($moves !== [])
    <section class="cut no-print mb-3.5 flex flex-wrap items-start justify-between gap-x-6 gap-y-3 border-l-[6px]
        border-l-next px-4 py-3" aria-labelledby="waiting-title" id="waiting-boxes">
        <div class="min-w-0 grow basis-80">
            <h2 id="waiting-title">{{ trans_choice('gather/waiting.title', count($moves)) }}</h2>
            <ul class="mt-1 columns-2 gap-x-6 max-sm:columns-1">
                @foreach ($shown as $move)<li>
                        <b class="tabular">{{ $move['count'] }}</b> {{ $move['lot']->name }}
                        <span class="text-ink-soft">{{ __('gather/waiting.for',
                            ['box' => $move['box']->theme]) }}</span></li>
                        @endforeach
                @if (count($moves) > count($shown))<li class="text-ink-soft">
                        {{ trans_choice('gather/waiting.more', count($moves) - count($shown)) }}</li>@endif
            </ul>
            <x-wrong name="waiting" />
        </div>
        <form method="post" action="{{ route('waiting') }}">
            @csrf
            <x-once />
            <button class="button go">{{ __('gather/waiting.do') }}</button>
        </form>
    </section>
@endif

<x-layout :title="__('pack/bench.title', ['box' => $bench->sheet->box->theme])" station="pack">
    @fragment('bench')
        @php
            $box = $bench->sheet->box;
            $fetch = $bench->toFetch();
            $now = $bench->current();
        @endphp
        <div id="bench" class="mx-auto grid max-w-3xl gap-4" data-bench>
            <div hx-get="{{ route('bench', [$box, 'role' => 'fetch', 'version' => $bench->moment()]) }}"
                hx-trigger="every 2s" hx-target="#bench" hx-swap="outerMorph" hx-sync="#bench:drop" hidden></div>
            <p class="text-xl text-ink-soft" aria-live="polite">
                {{ $now === null || $bench->isAllIn() ? __('pack/bench.all-in')
                    : __('pack/bench.role.packs', ['step' => $bench->done + 1, 'all' => $bench->steps(),
                        'name' => $bench->step($now)->name()]) }}</p>
            @if ($fetch === [])
                <h1 class="bench-name">{{ __('pack/bench.role.all-laid') }}</h1>
            @else
                @php([$piece, $step] = $fetch[0])
                <div aria-live="polite">
                    <p class="text-xl">{{ __('pack/bench.role.next') }}</p>
                    <h1 class="bench-name flex items-center gap-3"><x-glyph :lane="$piece->itemKind()->category"
                        :kind="$piece->itemKind()" class="size-14 shrink-0" />{{ $piece->planned()->name }}
                            @if ($piece->quantity > 1)
                                × {{ $piece->quantity }}
                            @endif
                        </h1>
                    <p class="bench-text">{{ ($piece->lot?->kept ?? '') === '' ? __('pack/bench.roll.nowhere')
                        : __('pack/bench.role.kept', ['kept' => $piece->lot->kept]) }}
                        <span class="text-ink-soft">{{ __('pack/bench.role.for', ['step' => $step]) }}</span></p>
                </div>
                <form method="post" action="{{ route('roll-call.tick', $piece) }}"
                    hx-post="{{ route('roll-call.tick', $piece) }}" hx-target="#bench" hx-swap="outerMorph"
                    hx-sync="#bench:queue all">
                    @csrf
                    @method('put')
                    <input type="hidden" name="box" value="{{ $box->id }}">
                    <input type="hidden" name="to" value="fetch">
                    <input type="hidden" name="laid" value="1">
                    <button class="button go bench-button" data-key=" ">{{ __('pack/bench.role.laid') }}
                        <kbd aria-hidden="true">{{ __('pack/views/bench-fetch.space') }}</kbd></button>
                </form>
                @if (count($fetch) > 1)
                    <h2>{{ __('pack/bench.role.after') }}</h2>
                    <ol class="grid gap-1.5">
                        @foreach (array_slice($fetch, 1, 6) as [$later, $at])
                            <li class="flex items-center gap-2 text-lg"><x-glyph
                                :lane="$later->itemKind()->category" :kind="$later->itemKind()"
                                class="size-7 shrink-0" />{{ $later->planned()->name }}
                                <span class="text-ink-soft">{{ $later->lot?->kept }}
                                    {{ __('pack/bench.role.for', ['step' => $at]) }}</span></li>
                        @endforeach
                    </ol>
                @endif
            @endif
            <p><a class="link" href="{{ route('bench', $box) }}">{{ __('pack/bench.role.pack') }}</a></p>
        </div>
    @endfragment
</x-layout>

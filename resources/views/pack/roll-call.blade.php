<x-layout :title="__('pack/bench.roll.title')" station="pack">
    @fragment('roll-call')
        <div id="roll-call">
            <div class="flex flex-wrap items-end justify-between gap-3 pb-4">
                <div>
                    <h1>{{ __('pack/bench.roll.title') }}</h1>
                    <p class="text-ink-soft" role="status">
                        {{ __('pack/bench.roll.count', ['laid' => $call->laidOut(), 'all' => $call->total()]) }}</p>
                </div>
                @if ($box !== null)
                    <a class="button go" href="{{ route('bench', $box) }}">{{ __('pack/bench.begin') }}</a>
                @endif
            </div>
            @forelse ($call->places() as $place => $pieces)
                <section class="mb-5">
                    <h2 class="mb-2">{{ $pieces[0]->isToBuy() ? __('pack/bench.roll.to-buy') : ($place === ''
                        ? __('pack/bench.roll.nowhere') : $place) }}:
                        {{ trans_choice('pack/bench.roll.things', count($pieces)) }}</h2>
                    <ul class="grid grid-cols-[repeat(auto-fill,minmax(17rem,1fr))] items-start gap-2.5">
                        @foreach ($pieces as $piece)
                            @php($planned = $piece->planned())
                            <li @class(['cut grid grid-cols-[auto_1fr_auto] items-center gap-3 p-3',
                                'laid' => $piece->is_laid_out])>
                                <x-glyph :lane="$planned->kind->category" :kind="$planned->kind"
                                    class="size-11 shrink-0" />
                                <span class="min-w-0">
                                    <b>{{ $planned->name }}@if ($piece->quantity > 1) × {{ $piece->quantity }}@endif</b>
                                    <span class="block text-ink-soft">{{ $piece->box->theme }}@if ($piece->lot?->due_on)
                                        · <b class="text-ink">{{ __('plan/boxes.due-on',
                                            ['day' => $piece->lot->due_on->format('j M')]) }}</b>@endif</span>
                                    @if ($piece->is_missing)
                                        <b class="block text-mend">{{ __('pack/bench.roll.waited-for') }}</b>
                                    @endif
                                </span>
                                <form method="post" action="{{ route('roll-call.tick', $piece) }}"
                                    hx-post="{{ route('roll-call.tick', $piece) }}" hx-target="#roll-call"
                                    hx-swap="outerMorph" hx-sync="#roll-call:queue all">
                                    @csrf
                                    @method('put')
                                    <input type="hidden" name="box" value="{{ $box?->id }}">
                                    @unless ($piece->is_laid_out)<input type="hidden" name="laid" value="1">@endunless
                                    <button class="button bench-button" id="tick-{{ $piece->id }}"
                                        aria-pressed="{{ $piece->is_laid_out ? 'true' : 'false' }}">{{
                                        $piece->is_laid_out ? '✓' : __('pack/bench.roll.here')
                                        }}<span class="sr-only"> {{ __('pack/bench.roll.laid',
                                            ['name' => $planned->name]) }}</span></button>
                                </form>
                                @unless ($piece->is_laid_out || $piece->isToBuy())
                                    @include('pack.partials.not-here')
                                @endunless
                            </li>
                        @endforeach
                    </ul>
                </section>
            @empty
                <p class="text-lg">{{ __('pack/bench.roll.none') }}</p>
            @endforelse
        </div>
    @endfragment
</x-layout>

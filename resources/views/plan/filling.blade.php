<x-layout :title="__('plan/filling.title').', '.$box->theme" station="shelf">
    <div class="mx-auto max-w-6xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div class="max-w-3xl">
                <h1>{{ __('plan/filling.heading', ['theme' => $box->theme]) }}</h1>
                <p class="text-ink-soft">
                    {{ __($page?->withBuying ? 'plan/filling.says-buying' : 'plan/filling.says') }}</p>
            </div>
            <a class="button" href="{{ route('boxes.show', $box) }}">{{ __('plan/filling.back') }}</a>
        </div>
        @if ($page === null)
            <p class="cut p-5">{{ __($box->stage->isOpen() ? 'plan/filling.busy' : 'plan/filling.closed') }}</p>
        @else
            <nav class="flex flex-wrap items-center gap-2.5 pb-3" aria-label="{{ __('plan/filling.way') }}">
                <span class="font-semibold">{{ __('plan/filling.way') }}</span>
                @foreach ($ways as $way)
                    <a @class(['button small', 'go' => $way === $page->way]) @if ($way === $page->way)
                        aria-current="true" @endif href="{{ route('boxes.fill', $page->address(way: $way)) }}">
                        {{ __("plan/filling.ways.{$way->value}") }}</a>
                @endforeach
                <a class="button small ml-auto" href="{{ route('boxes.fill',
                    $page->address(withBuying: ! $page->withBuying)) }}">
                    {{ __($page->withBuying ? 'plan/filling.only-here' : 'plan/filling.with-buying') }}</a>
                <a class="button small" href="{{ route('boxes.fill', $page->address(turn: $page->turn + 1)) }}">
                    {{ __('plan/filling.another') }}</a>
            </nav>
            <div class="grid grid-cols-1 items-start gap-3.5 wide:grid-cols-[1.4fr_1fr]">
                @if ($page->proposal->chosen === [])
                    <p class="cut p-5">{{ __('plan/filling.nothing-found') }}</p>
                @else
                    <form method="post" action="{{ route('boxes.fill.take', $box) }}" class="cut grid gap-3 p-5">
                        @csrf
                        <x-once />
                        @foreach (['must' => true, 'more' => false] as $part => $isMust)
                            @php($lines = array_filter($page->proposal->chosen, fn ($one) => $one->isMust === $isMust))
                            @if ($lines !== [])
                                <fieldset>
                                    <legend class="text-xl font-bold">{{ __("plan/filling.{$part}") }}</legend>
                                    @foreach ($lines as $chosen)
                                        <label class="flex items-center gap-2.5 border-t-[1.5px] border-line py-1.5
                                            first-of-type:border-t-0">
                                            <input type="checkbox" name="take[]" value="{{ $chosen->candidate->id }}"
                                                checked>
                                            <x-glyph :lane="$chosen->candidate->one->kind->category"
                                                :kind="$chosen->candidate->one->kind" class="h-7 w-7 shrink-0" />
                                            <span class="grow"><b>{{ $chosen->quantity === 1
                                                ? $chosen->candidate->one->name : __('plan/filling.line', ['count' =>
                                                $chosen->quantity, 'name' => $chosen->candidate->one->name]) }}</b>
                                                @if ($chosen->candidate->one->thing->sizeLabel)
                                                    <span class="text-ink-soft">· {{ __('plan/boxes.size-label',
                                                        ['size' => $chosen->candidate->one->thing->sizeLabel]) }}</span>
                                                @endif
                                                <span class="block text-ink-soft">{{ $page->why($chosen) }}</span>
                                            </span>
                                            <span class="tabular">{{ $chosen->candidate->times($chosen->quantity)
                                                ->cost()?->rounded()->format() ?? '–' }}</span>
                                        </label>
                                        <input type="hidden" name="count[{{ $chosen->candidate->id }}]"
                                            value="{{ $chosen->quantity }}">
                                    @endforeach
                                </fieldset>
                            @endif
                        @endforeach
                        <x-wrong name="take" />
                        {{-- In sight however long the list is. --}}
                        <div class="sticky bottom-0 -mx-5 -mb-5 rounded-b-md bg-card px-5 pt-2 pb-4">
                            <button class="button go">{{ __('plan/filling.take') }}</button></div>
                    </form>
                @endif
                <div class="grid grid-cols-1 gap-3.5">
                    <section class="cut p-5" aria-labelledby="then">
                        <h2 id="then" class="pb-2">{{ __('plan/filling.then') }}</h2>
                        <x-standing-box :sheet="$page->sheet" class="h-32 w-full" />
                        <x-mini-gauges :gauges="$page->sheet->gauges" class="pt-2" />
                        @if (! $page->proposal->closes)
                            <p class="wrong">{{ __('plan/filling.no-lid') }}</p>
                        @endif
                    </section>
                    @if ($page->proposal->givenUp !== [])
                        <section class="cut p-5" aria-labelledby="given-up">
                            <h2 id="given-up">{{ __('plan/filling.given-up') }}</h2>
                            <ul>
                                @foreach ($page->open() as $line)
                                    <li class="border-t-[1.5px] border-line py-1 first:border-t-0">{{ $line }}</li>
                                @endforeach
                            </ul>
                        </section>
                    @endif
                </div>
            </div>
        @endif
    </div>
</x-layout>

<x-layout :title="__('plan/stash-makes.title')" station="shelf">
    <div class="mx-auto max-w-6xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div class="max-w-3xl">
                <h1>{{ trans_choice('plan/stash-makes.makes', $page->makes->total()) }}</h1>
                @if ($page->reaches() !== '')<p class="text-lg font-semibold">{{ $page->reaches() }}</p>@endif
                <p class="text-ink-soft">{{ __('plan/stash-makes.says') }}
                    {{ __($page->withKitsOpened ? 'plan/stash-makes.kits-opened' : 'plan/stash-makes.kits-shut') }}</p>
            </div>
            @if ($page->haveKits)
                <a class="button" href="{{ route('stash-makes', $page->withKitsOpened ? [] : ['open' => 1]) }}">
                    {{ __($page->withKitsOpened ? 'plan/stash-makes.shut' : 'plan/stash-makes.open') }}</a>
            @endif
            <a class="button" href="{{ route('shelf') }}">{{ __('plan/stash-makes.back') }}</a>
        </div>
        <div class="grid grid-cols-1 items-start gap-3.5 wide:grid-cols-[1.4fr_1fr]">
            <section class="cut p-5" aria-label="{{ __('plan/stash-makes.title') }}">
                <ul>
                    @foreach ($page->makes->sorts as $index => $sort)
                        @php($count = $page->makes->counts[$index])
                        <li class="grid grid-cols-[7rem_1fr] items-center gap-x-4 gap-y-1 border-t-[1.5px] border-line
                            py-2 first:border-t-0 sm:grid-cols-[7rem_1fr_auto]">
                            <b>{{ __('plan/stash-makes.sort', ['who' =>
                                __("people.{$sort->recipient->gender->value}"), 'band' =>
                                $sort->recipient->band->label()]) }}
                                @if ($page->isAskedForMost($sort))<span class="block font-normal text-ok">{{
                                    __('plan/stash-makes.most-asked') }}</span>@endif</b>
                            <span class="made-boxes lane-{{ $choices->lanes[$index % 9]->value }}" aria-hidden="true">
                                @for ($box = 0; $box < min($count, 24); $box++)<i></i>@endfor
                            </span>
                            <span class="tabular">{{ trans_choice('plan/stash-makes.sort-count', $count) }}
                                @if ($sort->wanted > 0)<span class="text-ink-soft">{{ __('plan/stash-makes.wanted',
                                    ['count' => $sort->wanted]) }}</span>@endif</span>
                        </li>
                    @endforeach
                </ul>
                <p class="pt-2 text-ink-soft">{{ __('plan/stash-makes.goal-hint') }}
                    <a class="link" href="{{ route('season') }}">{{ __('plan/stash-makes.set-goal') }}</a></p>
            </section>
            <div class="grid grid-cols-1 gap-3.5">
                <section class="cut p-5" aria-labelledby="first">
                    <h2 id="first">{{ __('plan/stash-makes.first') }}</h2>
                    @if ($page->short() === [])
                        <p>{{ __('plan/stash-makes.none-short') }}</p>
                    @else
                        <p class="text-ink-soft">{{ __('plan/stash-makes.first-says') }}</p>
                        <ol class="list-decimal pl-6 pt-1">
                            @foreach ($page->short() as $need)<li class="py-0.5">{{ ucfirst($need) }}</li>@endforeach
                        </ol>
                    @endif
                </section>
                @if ($page->more !== [])
                    <section class="cut p-5" aria-labelledby="more">
                        <h2 id="more">{{ __('plan/stash-makes.more', ['count' => $page->then]) }}</h2>
                        <p class="text-ink-soft">{{ __('plan/stash-makes.more-says') }}</p>
                        <ul>
                            @foreach ($page->more as $line)
                                <li class="flex flex-wrap justify-between gap-x-4 border-t-[1.5px] border-line py-1.5
                                    first:border-t-0">
                                    <span>{{ __('plan/stash-makes.line', ['pieces' => $line['pieces'], 'kind' =>
                                        $line['kind']]) }} <span class="text-ink-soft">{{ __(
                                        'plan/stash-makes.for-need', ['need' => $line['need']]) }}</span></span>
                                    <span class="tabular">{{ $line['cost']?->rounded()->format()
                                        ?? __('plan/stash-makes.unknown') }}</span>
                                </li>
                            @endforeach
                        </ul>
                        <p class="border-t-[1.5px] border-line pt-2 font-semibold tabular">{{ __('plan/stash-makes.sum',
                            ['cost' => $page->cost->rounded()->format()]) }}</p>
                    </section>
                @endif
            </div>
        </div>
    </div>
</x-layout>

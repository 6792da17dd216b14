<x-layout :title="__('gather/views/shopping.shopping-list')" station="gather">
    <x-gather-tabs on="shopping" />
    <div class="mx-auto max-w-3xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div>
                <h1>{{ __('gather/views/shopping.shopping-list') }}</h1>
                <p class="text-ink-soft">{{ __('gather/views/shopping.what-you-still-need-to') }}</p>
            </div>
            @if ($page->places->isNotEmpty())<button type="button" class="button no-print" data-print
                hidden>{{ __('gather/views/shopping.print-the-list') }}
                </button>@endif
        </div>

        @include('gather.partials.waiting')

        @if ($page->places->isEmpty())
            <section class="cut mb-3.5 p-6">
                <h2>{{ $page->hasBoxes() ? __('gather/views/shopping.nothing-to-buy')
                    : __('gather/views/shopping.no-open-box-nothing-to') }}</h2>
                <p class="my-3">
                    {{ $page->hasBoxes() ? __('gather/views/shopping.all-that-your-open-boxes')
                        : __('gather/views/shopping.plan-a-box-first-what') }}
                </p>
                <a class="button go"
                    href="{{ $page->hasBoxes() ? route('shelf') : route('boxes.create') }}">{{ $page->hasBoxes()
                        ? __('gather/views/shopping.to-the-shelf')
                        : __('gather/views/shopping.plan-a-box') }}</a>
            </section>
        @else
            <p class="pb-3">{{ $page->says() }}</p>
            <p class="said mb-3.5" role="status" data-basket-waits hidden>{{ __('gather/shopping.waits') }}</p>
            <details class="cut no-print mb-3.5 px-4 py-3" @if ($page->isAsked) open @endif>
                <summary class="font-semibold">{{ __('gather/shopping.asked') }}</summary>
                <form method="post" action="{{ route('shopping.prices') }}" class="mt-2 grid gap-3">
                    @csrf
                    @method('put')
                    <p class="text-ink-soft">{{ __('gather/shopping.asked-says') }}</p>
                    <div class="grid grid-cols-1 items-end gap-3 sm:grid-cols-4">
                        @foreach (__('gather/shopping.asked-kinds') as $kind => $name)
                            <x-field :name="'cost-'.$kind" :label="$name" inputmode="decimal" autocomplete="off"
                                :value="old('cost-'.$kind, $page->asked[$kind] ?? '')" />
                        @endforeach
                        <div><button class="button">{{ __('gather/shopping.asked-save') }}</button></div>
                    </div>
                </form>
            </details>
            @include('gather.partials.outlooks')
            @foreach ($page->places as $place => $rows)
                <section class="cut mb-3.5 px-4 py-2" aria-labelledby="place-{{ $loop->index }}" data-place>
                    <h2 id="place-{{ $loop->index }}" class="py-1">{{ $place === ''
                        ? __('gather/shopping.any-shop') : $place }}
                    </h2>
                    <p class="pb-2 font-semibold" data-all-in @unless ($page->isAllIn($place)) hidden @endunless>
                        {{ __('gather/shopping.all-in') }}
                        <a class="link" data-next-place href="#{{ $page->nextPlace($place) }}"
                            @if ($page->nextPlace($place) === null) hidden @endif>{{
                                __('gather/shopping.next-place') }}</a></p>
                    <ul>
                        @foreach ($rows as $row)
                            @php($bag = 'bought-'.$row->line->kind->id)
                            <li class="border-t-[1.5px] border-line py-2.5" id="{{ $bag }}">
                                <div class="flex items-start gap-2.5">
                                    <x-glyph :lane="$row->line->kind->category" :kind="$row->line->kind"
                                        class="mt-0.5 size-6 shrink-0" />
                                    <div class="min-w-0 grow">
                                        <p class="text-lg">
                                            <b class="figure">{{ $row->line->toBuy() }}</b>
                                            {{ $row->line->kind->name }}@unless ($row->line->isMust)<span
                                                class="text-ink-soft">{{
                                                    __('gather/views/shopping.a-wish') }}</span>@endunless
                                        </p>
                                        <p class="text-ink-soft">{{ implode(' · ', array_filter([
                                            $row->packSize() > 1
                                                ? trim(trans_choice('gather/shopping.packs', $row->packs(),
                                                    ['size' => $row->packSize()])) : '',
                                            trim(trans_choice('gather/shopping.left-over', $row->leftOver())),
                                            $row->target ? __('gather/shopping.at-most',
                                                ['target' => $row->target->format()]) : '',
                                            $row->guess() ? __('gather/shopping.guess', [
                                                'low' => $row->guess()->low->rounded()->format(),
                                                'high' => $row->guess()->high->rounded()->format(),
                                            ]) : '',
                                            __('gather/views/shopping.for-boxes', ['boxes' => implode(', ',
                                                $row->for)]),
                                        ])) }}</p>
                                        @if ($row->nextDoor)<p>{{ __('gather/shopping.next-door', [
                                            'place' => $row->nextDoor->place,
                                            'each' => $row->nextDoor->each->format(),
                                            'day' => $row->nextDoor->day->format('j M'),
                                        ]) }}</p>@endif
                                    </div>
                                </div>
                                @php($by = $page->inBaskets[$row->line->kind->id] ?? null)
                                <div class="no-print mt-1.5 flex flex-wrap items-start gap-2.5">
                                    <x-basket-tick :action="route('shopping.tick')" :kind="$row->line->kind"
                                        :is-in-basket="$by !== null" />
                                    @if ($by !== null)<span class="font-semibold">{{ __('crew/people.has-it',
                                        ['name' => $by]) }}</span>@endif
                                <details @if ($errors->getBag($bag)->isNotEmpty()) open @endif>
                                    <summary class="button small">
                                        {{ __('gather/views/shopping.got-it') }}<span class="sr-only">: {{
                                            $row->line->kind->name }}</span></summary>
                                    <form method="post" action="{{ route('shopping.got') }}"
                                        class="mt-2.5 grid grid-cols-2 items-end gap-2.5
                                        sm:grid-cols-[1fr_1fr_1.5fr_auto]">
                                        @csrf
                                        <x-once />
                                        <input type="hidden" name="kind" value="{{ $row->line->kind->id }}">
                                        @if ($row->packSize() > 1)<input type="hidden" name="pack_pieces"
                                            value="{{ $row->packSize() }}">@endif
                                        <x-field name="price" :id="$bag.'-price'" :$bag
                                            :label="__('gather/views/shopping.total-paid')"
                                            inputmode="decimal" :value="$errors->getBag($bag)->isNotEmpty() ?
                                            old('price') : ''" autocomplete="off" />
                                        <x-field name="pieces" :id="$bag.'-pieces'" :$bag
                                            :label="__('gather/views/shopping.how-many')" type="number"
                                            min="1" max="10000" required :value="$errors->getBag($bag)->isNotEmpty() ?
                                            old('pieces') : $row->pieces()" />
                                        <x-field name="place" :id="$bag.'-place'" :$bag
                                            :label="__('gather/views/shopping.where')" maxlength="200"
                                            :value="$errors->getBag($bag)->isNotEmpty() ? old('place') : $row->place()"
                                            />
                                        <button class="button go">{{
                                            __('gather/views/shopping.into-the-stash') }}</button>
                                    </form>
                                </details>
                                </div>
                            </li>
                        @endforeach
                    </ul>
                </section>
            @endforeach
        @endif

        @includeWhen($page->unpriced->isNotEmpty(), 'gather.partials.unpriced')

        @if ($page->covered->isNotEmpty())
            <section class="cut mt-3.5 px-4 py-3" aria-labelledby="covered">
                <h2 id="covered">{{ __('gather/views/shopping.on-hand-already') }}</h2>
                <p class="text-ink-soft">{{ __('gather/views/shopping.pick-these-from-the-stash') }}</p>
                <ul class="mt-1.5 columns-2 max-sm:columns-1">
                    @foreach ($page->covered as $line)
                        <li class="break-inside-avoid pb-1.5"><b class="tabular">{{ $line->onHand }}</b>
                            {{ $line->kind->name }},
                            <span class="text-ink-soft">{{ __('gather/views/shopping.pick-for') }}</span>
                            @foreach ($page->boxesFor($line) as $box)
                                <a class="link" href="{{ route('boxes.show',
                                    [$box, 'pick' => 1, 'q' => $line->kind->name]) }}">{{ $box->theme }}<span
                                    class="sr-only">: {{ $line->kind->name }}</span></a>@unless ($loop->last),@endunless
                            @endforeach
                        </li>
                    @endforeach
                </ul>
            </section>
        @endif
    </div>
</x-layout>

{{-- What was bought in a hurry: its price is written down later, from the till's slip. --}}
<section class="cut no-print mt-3.5 px-4 py-3" aria-labelledby="unpriced-title" id="unpriced">
    <h2 id="unpriced-title">{{ trans_choice('gather/shopping.unpriced-title', $page->unpricedCount) }}</h2>
    <p class="text-ink-soft">{{ __('gather/shopping.unpriced-says') }}</p>
    <ul class="mt-1">
        @foreach ($page->unpriced as $lot)
            @php($bag = "priced-{$lot->id}")
            <li class="border-t-[1.5px] border-line py-2.5">
                <form method="post" action="{{ route('lots.price', $lot) }}"
                    class="flex flex-wrap items-end justify-between gap-x-4 gap-y-2">
                    @csrf
                    @method('put')
                    <p class="flex min-w-0 grow basis-60 items-start gap-2.5">
                        <x-glyph :lane="$lot->itemKind()->category" :kind="$lot->itemKind()"
                            class="mt-0.5 size-6 shrink-0" />
                        <span>
                            <a class="link" href="{{ route('lots.edit', $lot) }}">{{ $lot->name }}</a>
                            <span class="block text-ink-soft tabular">{{ implode(' · ', array_filter([
                                __('gather/shopping.unpriced-pieces', ['pieces' => $lot->pieces]),
                                $lot->place,
                                $lot->got_on->format('j M Y'),
                            ])) }}</span>
                        </span>
                    </p>
                    <div class="flex items-end gap-2.5">
                        <x-field class="w-32" name="paid" :id="$bag" :$bag inputmode="decimal" autocomplete="off"
                            :label="__('gather/shopping.unpriced-paid')"
                            :value="$errors->getBag($bag)->isNotEmpty() ? old('paid') : ''" />
                        <button class="button">{{ __('gather/shopping.asked-save') }}<span class="sr-only">: {{
                            $lot->name }}</span></button>
                    </div>
                </form>
            </li>
        @endforeach
    </ul>
    @if ($page->unpricedCount > $page->unpriced->count())
        <p class="pt-1 text-ink-soft">{{ trans_choice('gather/shopping.unpriced-more',
            $page->unpricedCount - $page->unpriced->count()) }}</p>
    @endif
</section>

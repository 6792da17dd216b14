<x-layout :title="__('plan/packs.title', ['theme' => $page->box->theme])" station="shelf">
    <div class="mx-auto max-w-5xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div class="max-w-3xl">
                <h1>{{ __('plan/packs.title', ['theme' => $page->box->theme]) }}</h1>
                <p class="text-ink-soft">{{ __('plan/packs.says') }}</p>
            </div>
            <div class="flex flex-wrap gap-2.5">
                <a class="button" href="{{ route('boxes.like', $page->box) }}">{{ __('plan/packs.like') }}</a>
                <a class="button" href="{{ route('boxes.show', $page->box) }}">{{ __('plan/packs.back') }}</a>
            </div>
        </div>
        <section class="cut overflow-x-auto p-5" tabindex="0" aria-label="{{ __('plan/packs.title',
            ['theme' => $page->box->theme]) }}">
            <form method="get" action="{{ route('boxes.packs', $page->box) }}" class="flex flex-wrap
                items-center gap-2.5 pb-3">
                <label for="count">{{ __('plan/packs.count') }}</label>
                <input class="input small w-20" id="count" name="count" type="number" min="1" max="100"
                    value="{{ $page->count }}">
                <button class="button small">{{ __('plan/packs.look') }}</button>
            </form>
            <p class="pb-2 text-lg font-semibold">{{ trans_choice('plan/packs.best', $page->best) }}
                <span class="font-normal">{{ $page->why() }}</span></p>
            <table class="w-full">
                <thead>
                    <tr class="text-left text-ink-soft">
                        <th class="py-1 pr-4 font-normal" scope="col">{{ __('plan/packs.column.boxes') }}</th>
                        <th class="py-1 pr-4 text-right font-normal" scope="col">
                            {{ __('plan/packs.column.outlay') }}</th>
                        <th class="py-1 pr-4 text-right font-normal" scope="col">{{ __('plan/packs.column.each') }}</th>
                        <th class="py-1 pr-4 text-right font-normal" scope="col">{{ __('plan/packs.column.left') }}</th>
                        <th class="py-1 font-normal" scope="col">{{ __('plan/packs.column.packs') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @for ($boxes = $page->from; $boxes <= $page->to; $boxes++)
                        <tr @class(['border-t-[1.5px] border-line align-top', 'laid' => $boxes === $page->best])>
                            <th class="py-1.5 pr-4 text-left" scope="row">{{ trans_choice(
                                $boxes === $page->best ? 'plan/packs.best-boxes' : 'plan/packs.boxes', $boxes) }}</th>
                            <td class="py-1.5 pr-4 text-right tabular">{{ $page->outlay($boxes) }}</td>
                            <td class="py-1.5 pr-4 text-right tabular">{{ $page->eachBox($boxes) }}</td>
                            <td class="py-1.5 pr-4 text-right tabular">{{ $page->leftOver($boxes) }}</td>
                            <td class="py-1.5">{{ $page->packs($boxes) === []
                                ? __('plan/packs.no-packs')
                                : implode('; ', array_map(
                                    fn ($pack) => __('plan/packs.pack', $pack),
                                    $page->packs($boxes),
                                )) }}</td>
                        </tr>
                    @endfor
                </tbody>
            </table>
            @if ($page->decide->unknown($page->to) !== [])
                <p class="pt-2 text-ink-soft">{{ __('plan/packs.unknown', ['names' => implode(', ', array_map(
                    fn ($line) => $line->kind->name, $page->decide->unknown($page->to)))]) }}</p>
            @endif
        </section>
    </div>
</x-layout>

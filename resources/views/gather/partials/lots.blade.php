<form method="post" action="{{ route('lots.several') }}" class="cut px-4 py-2">
    @csrf
    <x-once />
    <div class="flex flex-wrap items-baseline justify-between gap-2">
        <h2 class="py-1">{{ $question->lane ? __("lanes.{$question->lane->value}")
            : __('gather/views/partials/lots.all-drawers') }}</h2>
        <p class="text-ink-soft">{{ trans_choice('gather/stash.found', $lots->total()) }}</p>
    </div>
    <x-wrong name="lots" /><x-wrong name="several" />
    <table class="w-full max-sm:block">
        <thead class="text-left text-ink-soft max-sm:sr-only">
            <tr>
                <th class="w-9 py-1 font-normal"><span class="sr-only">{{
                    __('gather/views/partials/lots.tick') }}</span></th>
                <th class="py-1 pr-3 font-normal">{{ __('gather/views/partials/lots.thing') }}</th>
                <th class="w-52 py-1 pr-3 font-normal">{{ __('gather/views/partials/lots.on-hand') }}</th>
                <th class="w-24 py-1 pr-3 text-right font-normal">{{ __('gather/views/partials/lots.each') }}</th>
                <th class="w-[25rem] py-1 pl-4 font-normal">{{ __('gather/views/partials/lots.where-from') }}</th>
            </tr>
        </thead>
        <tbody class="max-sm:block">
            @foreach ($lots as $lot)
                @php
                    [$stock, $price, $lane] = [$lot->stock(), $lot->price(), $lot->itemKind()->category];
                @endphp
                <tr class="lot-row border-t-[1.5px] border-line">
                    <td class="py-1.5">
                        <input type="checkbox" name="lots[]" value="{{ $lot->id }}" class="size-4.5"
                            aria-label="{{ __('gather/views/partials/lots.tick-name', ['name' => $lot->name]) }}"
                            @checked(in_array($lot->id, (array) old('lots', []), true))>
                    </td>
                    <th scope="row" class="py-1.5 pr-3 text-left font-normal">
                        <span class="flex items-center gap-2"><x-glyph :$lane
                            :kind="$lot->itemKind()" class="size-5 shrink-0"
                            />@if ($lot->has_photo)<x-lot-photo :$lot />@endif<span><a
                                class="font-semibold no-underline hover:underline"
                                href="{{ route('lots.edit', $lot) }}">{{ $lot->name }}</a>@if ($lot->size_label)<span
                                    class="text-ink-soft">{{ __('gather/views/partials/lots.size-label', [
                                        'label' => $lot->size_label,
                                    ]) }}</span>@endif
                                    @if ($lot->colours->colours !== []) <x-swatches :palette="$lot->colours" />@endif
                                    @if ($lot->tags !== '')<span
                                        class="text-ink-soft">· {{ $lot->tags }}</span>@endif</span></span>
                    </th>
                    <td class="py-1.5 pr-3">
                        <span class="flex items-center gap-2"><x-shapes.stock :$stock
                            :$lane
                            /><span class="tabular">{{ __('gather/views/partials/lots.here-of-gone', [
                                'here' => $stock->onHand(),
                                'gone' => $stock->pieces - $stock->gone,
                            ]) }}</span></span>
                    </td>
                    <td class="py-1.5 pr-3 text-right"><x-each :$price /></td>
                    <td class="py-1.5 pl-4 text-ink-soft">
                        {{ $lot->cameFrom() }},
                        <span class="whitespace-nowrap">{{ $lot->got_on->format('j M Y') }}</span>@if ($lot->kept){{
                            __('gather/views/partials/lots.kept-kept', [
                            'kept' => $lot->kept,
                        ]) }}@endif
                            @if ($lot->fault)<b
                                class="whitespace-nowrap text-ink">{{ __("gather/life.state.{$lot->fault->value}") }},
                                {{ __("gather/life.ends.{$lot->fault_end->value}") }}</b>@endif
                                @if ($lot->due_on)<b
                                    class="whitespace-nowrap text-ink">{{ __('gather/views/partials/lots.due-day', [
                                        'day' => $lot->due_on->format('j M'),
                                    ]) }}</b>@endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($lots->hasPages())
        <nav aria-label="{{ __('gather/views/partials/lots.pages') }}"
            class="flex items-center justify-between gap-3 border-t-[1.5px] border-line py-2">
            @if ($lots->previousPageUrl())<a class="button small" href="{{ $lots->previousPageUrl() }}"
                hx-get="{{ $lots->previousPageUrl() }}" hx-target="#drawers" hx-swap="outerMorph"
                hx-push-url="true">{{ __('gather/views/partials/lots.before') }}</a>@else<span></span>@endif
            <span class="tabular">{{ __('gather/views/partials/lots.page-of-last', [
                'page' => $lots->currentPage(),
                'last' => $lots->lastPage(),
            ]) }}</span>
            @if ($lots->nextPageUrl())<a class="button small" href="{{ $lots->nextPageUrl() }}"
                hx-get="{{ $lots->nextPageUrl() }}" hx-target="#drawers" hx-swap="outerMorph"
                hx-push-url="true">{{ __('gather/views/partials/lots.after') }}</a>@else<span></span>@endif
        </nav>
    @endif
    @if ($lots->isNotEmpty())
        <details class="border-t-[1.5px] border-line py-2"
            @if ($errors->hasAny(['lots', 'several', 'tag', 'kept', 'place', 'source', 'got_on'])) open @endif>
            <summary class="link">{{ __('gather/views/partials/lots.with-those-ticked') }}</summary>
            <div class="mt-2 grid items-end gap-2.5 sm:grid-cols-3">
                <x-field name="tag" :label="__('gather/views/partials/lots.add-a-tag')" maxlength="60"
                    :value="old('tag')" />
                <x-field name="kept" :label="__('gather/views/partials/lots.move-them-to-kept-in')" maxlength="120"
                    :value="old('kept')" />
                <x-field name="source" :label="__('gather/views/partials/lots.all-got-by')">
                    <select class="input" id="source" name="source">
                        <option value="">{{ __('gather/views/partials/lots.as-each-is') }}</option>
                        @foreach ($choices->sources as $source)<option value="{{ $source->value }}"
                            @selected(old('source') === $source->value)>
                                {{ __("gather/stash.sources.{$source->value}") }}
                            </option>@endforeach
                    </select>
                </x-field>
                <x-field name="place" :label="__('gather/views/partials/lots.all-from-shop-or-giver')" maxlength="120"
                    :value="old('place')" />
                <x-field name="got_on" :label="__('gather/views/partials/lots.all-got-on')" type="date"
                    :value="old('got_on')" />
                <x-field name="box" :label="__('gather/views/partials/lots.one-of-each-for')">
                    <select class="input" id="box" name="box">
                        <option value="">{{ __('gather/views/partials/lots.no-box') }}</option>
                        @foreach ($boxes as $box)<option value="{{ $box->id }}" @selected(old('box') === $box->id)>
                                {{ $box->theme }}</option>@endforeach
                    </select>
                </x-field>
                <button class="button go justify-self-start">{{ __('gather/views/partials/lots.do-it') }}</button>
                <button class="button justify-self-start" formmethod="get" formaction="{{ route('kits.create') }}"
                    formnovalidate>{{ __('gather/kits.make-of') }}</button>
            </div>
        </details>
    @endif
</form>

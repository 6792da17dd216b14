<x-layout :title="__('gather/views/quick.quick-entry')" station="gather">
    <x-gather-tabs on="write" />
    @fragment('receipt')
        <form method="post" action="{{ route('quick.store') }}" id="receipt" class="mx-auto grid max-w-4xl gap-3.5"
            data-draft="receipt" data-draft-back="{{ __('answer.draft') }}"
            hx-post="{{ route('quick.look') }}" hx-target="#receipt" hx-swap="outerMorph"
            hx-sync="this:replace" hx-trigger="change delay:150ms">
            @csrf
            <x-once />
            <div>
                <h1>{{ __('gather/views/quick.quick-entry') }}</h1>
                <p class="text-ink-soft">
                    {{ __('gather/views/quick.after-a-shopping-trip-place') }}
                </p>
            </div>
            <section class="cut grid gap-3 p-4 sm:grid-cols-4" aria-label="{{ __('gather/views/quick.the-receipt') }}">
                <x-field name="place" :label="__('gather/views/quick.place')" :value="$entry->place"
                    :wrong="$entry->wrong->first('place')"
                    maxlength="200" autocomplete="off" />
                <x-field name="source" :label="__('gather/views/quick.where-from')">
                    <select class="input" id="source" name="source">
                        @foreach ($choices->sources as $source)<option value="{{ $source->value }}"
                            @selected($entry->source === $source)>{{ __("gather/stash.sources.{$source->value}") }}
                        </option>
                            @endforeach
                    </select>
                </x-field>
                <x-field name="got_on" :label="__('gather/views/quick.day')" type="date" :value="$entry->gotOn"
                    :wrong="$entry->wrong->first('got_on')" required />
                <x-field name="total" :label="__('gather/views/quick.receipts-total')" inputmode="decimal"
                    :value="$entry->total"
                    :wrong="$entry->wrong->first('total')" autocomplete="off" />
            </section>
            <section class="cut px-4 py-3" aria-label="{{ __('gather/views/quick.lines') }}">
                <div class="receipt-row text-ink-soft max-sm:hidden" aria-hidden="true">
                    <span>{{ __('gather/views/quick.kind') }}</span><span>{{
                        __('gather/views/quick.called') }}</span><span>{{
                        __('gather/views/quick.pieces') }}</span><span>{{ __('gather/views/quick.total-paid') }}</span>
                </div>
                @foreach ($entry->rows as $index => $row)
                    @php
                        $wrong = $entry->wrong->first("rows.{$index}");
                    @endphp
                    <div class="receipt-row border-t-[1.5px] border-line py-1.5">
                        <label class="sr-only" for="kind-{{ $index }}">{{ __('gather/views/quick.kind-line-index', [
                            'index' => $index + 1,
                        ]) }}</label>
                        <x-kind-input :kind="$row['kind']" :typed="$row['asked']" :id="'kind-'.$index"
                            :name="'rows['.$index.'][kind]'" :aria-invalid="$wrong !== '' ? 'true' : false"
                            :aria-describedby="$wrong !== '' ? 'row-'.$index.'-wrong' : false" />
                        <label class="sr-only" for="name-{{ $index }}">{{ __('gather/views/quick.called-line-index', [
                            'index' => $index + 1,
                        ]) }}</label>
                        <input class="input" id="name-{{ $index }}" name="rows[{{ $index }}][name]"
                            value="{{ $row['name'] }}" placeholder="{{ $row['kind']?->name }}" maxlength="200"
                            autocomplete="off">
                        <label class="sr-only" for="pieces-{{ $index }}">{{ __('gather/views/quick.pieces-line-index', [
                            'index' => $index + 1,
                        ]) }}</label>
                        <input class="input" id="pieces-{{ $index }}" name="rows[{{ $index }}][pieces]"
                            value="{{ $row['pieces'] }}" placeholder="1" inputmode="numeric" autocomplete="off">
                        <label class="sr-only" for="paid-{{ $index }}">{{
                            __('gather/views/quick.paid-in-all-line-index', [
                            'index' => $index + 1,
                        ]) }}</label>
                        <input class="input text-right" id="paid-{{ $index }}" name="rows[{{ $index }}][paid]"
                            value="{{ $row['paid'] }}" inputmode="decimal" autocomplete="off">
                    </div>
                    @if ($wrong !== '')<p class="wrong" id="row-{{ $index }}-wrong">{{ $wrong }}</p>@endif
                @endforeach
                @if ($entry->wrong->has('rows'))<p class="wrong" id="rows-wrong">{{ $entry->wrong->first('rows') }}
                    </p>@endif
                <p class="flex justify-between border-t-[1.5px] border-ink py-2 text-lg" aria-live="polite">
                    <span>{{ __('gather/views/quick.the-lines-add-up-to') }}</span><b class="figure" id="sum">{{
                        $entry->sum()->format() }}</b>
                </p>
            </section>
            @php
                $difference = $entry->difference();
            @endphp
            <x-till-difference :$difference />
            @if ($isTried && $entry->isEmpty())<p class="wrong">{{
                __('gather/views/quick.fill-in-a-line-first') }}</p>@endif
            <div class="flex flex-wrap items-center gap-3">
                <button class="button go">{{ __('gather/views/quick.put-it-all-in-the') }}</button>
                @if ($difference !== null && ! $difference->isZero())
                    <label class="flex items-center gap-2">
                        <input type="checkbox" name="differs" value="1"> {{
                            __('gather/views/quick.save-it-although-the-totals') }}
                    </label>
                @endif
                <button class="button" name="check" value="1">{{ __('gather/views/quick.add-up') }}</button>
            </div>
        </form>
    @endfragment
</x-layout>

<x-layout title="Quick entry" station="gather">
    <x-gather-tabs on="write" />
    @fragment('receipt')
        <form method="post" action="{{ route('quick.store') }}" id="receipt" class="mx-auto grid max-w-4xl gap-3.5"
            hx-post="{{ route('quick.store') }}?check=1" hx-target="#receipt" hx-swap="outerMorph"
            hx-sync="this:replace" hx-trigger="change delay:150ms">
            @csrf
            <x-once />
            <div>
                <h1>Quick entry</h1>
                <p class="text-ink-soft">
                    After a shopping trip: place and day once, a line for each lot. Tab goes on, Enter keeps it all.
                </p>
            </div>
            <section class="cut grid gap-3 p-4 sm:grid-cols-4" aria-label="The receipt">
                <x-field name="place" label="Place" :value="$entry->place" :wrong="$entry->wrong->first('place')"
                    maxlength="200" autocomplete="off" />
                <x-field name="source" label="Where from">
                    <select class="input" id="source" name="source">
                        @foreach ($choices->sources as $source)<option value="{{ $source->value }}"
                            @selected($entry->source === $source)>{{ __("gather/stash.sources.{$source->value}") }}
                        </option>
                            @endforeach
                    </select>
                </x-field>
                <x-field name="got_on" label="Day" type="date" :value="$entry->gotOn"
                    :wrong="$entry->wrong->first('got_on')" required />
                <x-field name="total" label="Receipt’s total" inputmode="decimal" :value="$entry->total"
                    :wrong="$entry->wrong->first('total')" autocomplete="off" />
            </section>
            <section class="cut px-4 py-3" aria-label="Lines">
                <div class="receipt-row text-ink-soft max-sm:hidden" aria-hidden="true">
                    <span>Kind</span><span>Called</span><span>Pieces</span><span>Total paid</span>
                </div>
                @foreach ($entry->rows as $index => $row)
                    @php
                        $wrong = $entry->wrong->first("rows.{$index}");
                    @endphp
                    <div class="receipt-row border-t-[1.5px] border-line py-1.5">
                        <label class="sr-only" for="kind-{{ $index }}">Kind, line {{ $index + 1 }}</label>
                        <x-kind-input :kind="$row['kind']" :typed="$row['asked']" :id="'kind-'.$index"
                            :name="'rows['.$index.'][kind]'" :aria-invalid="$wrong !== '' ? 'true' : false"
                            :aria-describedby="$wrong !== '' ? 'row-'.$index.'-wrong' : false" />
                        <label class="sr-only" for="name-{{ $index }}">Called, line {{ $index + 1 }}</label>
                        <input class="input" id="name-{{ $index }}" name="rows[{{ $index }}][name]"
                            value="{{ $row['name'] }}" placeholder="{{ $row['kind']?->name }}" maxlength="200"
                            autocomplete="off">
                        <label class="sr-only" for="pieces-{{ $index }}">Pieces, line {{ $index + 1 }}</label>
                        <input class="input" id="pieces-{{ $index }}" name="rows[{{ $index }}][pieces]"
                            value="{{ $row['pieces'] }}" placeholder="1" inputmode="numeric" autocomplete="off">
                        <label class="sr-only" for="paid-{{ $index }}">Paid in all, line {{ $index + 1 }}</label>
                        <input class="input text-right" id="paid-{{ $index }}" name="rows[{{ $index }}][paid]"
                            value="{{ $row['paid'] }}" inputmode="decimal" autocomplete="off">
                    </div>
                    @if ($wrong !== '')<p class="wrong" id="row-{{ $index }}-wrong">{{ $wrong }}</p>@endif
                @endforeach
                @if ($entry->wrong->has('rows'))<p class="wrong" id="rows-wrong">{{ $entry->wrong->first('rows') }}
                    </p>@endif
                <p class="flex justify-between border-t-[1.5px] border-ink py-2 text-lg" aria-live="polite">
                    <span>The lines add up to</span><b class="figure" id="sum">{{ $entry->sum()->format() }}</b>
                </p>
            </section>
            @php
                $difference = $entry->difference();
            @endphp
            <x-till-difference :$difference />
            @if ($isTried && $entry->isEmpty())<p class="wrong">Fill in a line first.</p>@endif
            <div class="flex flex-wrap items-center gap-3">
                <button class="button go">Put it all in the stash</button>
                @if ($difference !== null && ! $difference->isZero())
                    <label class="flex items-center gap-2">
                        <input type="checkbox" name="differs" value="1"> Save it although the totals differ
                    </label>
                @endif
                <button class="button" name="check" value="1">Add up</button>
            </div>
        </form>
    @endfragment
</x-layout>

<form action="{{ route('gather') }}" class="mb-3 grid grid-cols-2 gap-2 sm:grid-cols-[1fr_auto_auto_auto_auto_auto]"
    hx-get="{{ route('gather') }}" hx-target="#drawers" hx-swap="outerMorph" hx-replace-url="true"
    hx-trigger="input changed delay:250ms from:#stash-q, change from:select, submit">
    @if ($question->lane)<input type="hidden" name="lane" value="{{ $question->lane->value }}">@endif
    <label class="sr-only" for="stash-q">Find in the stash</label>
    <input class="input max-sm:col-span-2" id="stash-q" type="search" name="q" maxlength="80"
        value="{{ $question->search }}" placeholder="Name, tag, shop, giver, where it is kept" autocomplete="off">
    <label class="sr-only" for="stash-only">Only</label>
    <select class="input" id="stash-only" name="only">
        <option value="">all things</option>
        @foreach ($question::ONLY as $only)<option value="{{ $only }}"
            @selected($question->only === $only)>{{ __("gather/stash.only.{$only}") }}</option>@endforeach
    </select>
    <label class="sr-only" for="stash-band">For which band</label>
    <select class="input" id="stash-band" name="band">
        <option value="">any age group</option>
        @foreach ($bands as $band)<option value="{{ $band->id() }}" @selected($question->band?->id() === $band->id())>
                for {{ $band->label() }}</option>@endforeach
    </select>
    <label class="sr-only" for="stash-year">Got in</label>
    <select class="input" id="stash-year" name="year">
        <option value="">any year</option>
        @for ($year = $write->today()->year; $year > $write->today()->year - 5; $year--)<option
            value="{{ $year }}" @selected($question->year === (string) $year)>{{ $year }}</option>@endfor
    </select>
    <label class="sr-only" for="stash-sort">Order</label>
    <select class="input" id="stash-sort" name="sort">
        @foreach ($question::SORTS as $sort)<option value="{{ $sort }}"
            @selected($question->sort === $sort)>{{ __("gather/stash.sorts.{$sort}") }}</option>@endforeach
    </select>
    <button class="button">Find</button>
</form>

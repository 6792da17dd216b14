<form action="{{ route('gather') }}" class="mb-3 grid grid-cols-2 gap-2 sm:grid-cols-[1fr_auto_auto_auto_auto_auto]"
    hx-get="{{ route('gather') }}" hx-target="#drawers" hx-swap="outerMorph" hx-replace-url="true"
    hx-trigger="input changed delay:250ms from:#stash-q, change from:select, submit">
    @if ($question->lane)<input type="hidden" name="lane" value="{{ $question->lane->value }}">@endif
    <label class="sr-only" for="stash-q">{{ __('gather/views/partials/ask.find-in-the-stash') }}</label>
    <input class="input max-sm:col-span-2" id="stash-q" type="search" name="q" maxlength="80"
        value="{{ $question->search }}" placeholder="{{ __('gather/views/partials/ask.name-tag-shop-giver-where') }}"
            autocomplete="off">
    <label class="sr-only" for="stash-only">{{ __('gather/views/partials/ask.only') }}</label>
    <select class="input" id="stash-only" name="only">
        <option value="">{{ __('gather/views/partials/ask.all-things') }}</option>
        @foreach ($question::ONLY as $only)<option value="{{ $only }}"
            @selected($question->only === $only)>{{ __("gather/stash.only.{$only}") }}</option>@endforeach
    </select>
    <label class="sr-only" for="stash-band">{{ __('gather/views/partials/ask.for-which-band') }}</label>
    <select class="input" id="stash-band" name="band">
        <option value="">{{ __('gather/views/partials/ask.any-age-group') }}</option>
        @foreach ($bands as $band)<option value="{{ $band->id() }}" @selected($question->band?->id() === $band->id())>
                {{ __('gather/views/partials/ask.for-band', ['band' => $band->label()]) }}</option>@endforeach
    </select>
    <label class="sr-only" for="stash-year">{{ __('gather/views/partials/ask.got-in') }}</label>
    <select class="input" id="stash-year" name="year">
        <option value="">{{ __('gather/views/partials/ask.any-year') }}</option>
        @for ($year = $write->today()->year; $year > $write->today()->year - 5; $year--)<option
            value="{{ $year }}" @selected($question->year === (string) $year)>{{ $year }}</option>@endfor
    </select>
    <label class="sr-only" for="stash-sort">{{ __('gather/views/partials/ask.order') }}</label>
    <select class="input" id="stash-sort" name="sort">
        @foreach ($question::SORTS as $sort)<option value="{{ $sort }}"
            @selected($question->sort === $sort)>{{ __("gather/stash.sorts.{$sort}") }}</option>@endforeach
    </select>
    <button class="button">{{ __('gather/views/partials/ask.find') }}</button>
</form>

<section class="cut grid gap-2 p-5" aria-labelledby="evenings">
    <h2 id="evenings">{{ __('send/season.evenings') }}</h2>
    @if ($page->evenings->isEmpty())
        <p>{{ __('send/season.evenings-none') }}</p>
    @else
        <ul>
            @foreach ($page->evenings as $evening)
                @php($when = __('send/season.evening-at', ['day' => $evening->day->format('D, j M'), 'from' =>
                    $evening->begins, 'to' => $evening->ends]))
                <li class="flex flex-wrap items-center gap-x-4 border-t-[1.5px] border-line py-1.5 first:border-t-0">
                    <b class="figure">{{ $when }}</b>
                    <span>{{ $evening->place }}</span>
                    <form method="post" action="{{ route('evenings.destroy', $evening) }}" class="ml-auto">
                        @csrf
                        @method('delete')
                        <button class="button small">{{ __('send/season.evening-drop') }}<span
                            class="sr-only">: {{ $when }}</span></button>
                    </form>
                </li>
            @endforeach
        </ul>
    @endif
    <form method="post" action="{{ route('evenings.store') }}"
        class="grid grid-cols-2 items-end gap-3 border-t-[1.5px] border-line pt-3 sm:grid-cols-[1.4fr_1fr_1fr]">
        @csrf
        <x-once />
        <x-field name="day" type="date" :label="__('send/season.evening-day')" :value="old('day')" required />
        <x-field name="begins" type="time" :label="__('send/season.evening-begins')" :value="old('begins', '18:00')"
            required />
        <x-field name="ends" type="time" :label="__('send/season.evening-ends')" :value="old('ends', '21:00')"
            required />
        <x-field class="sm:col-span-2" name="place" :label="__('send/season.evening-place')" :value="old('place')"
            maxlength="120" />
        <button class="button">{{ __('send/season.evening-keep') }}</button>
    </form>
</section>

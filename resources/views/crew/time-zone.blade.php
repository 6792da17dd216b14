<x-layout title="Time zone" station="shelf">
    <form method="post" action="{{ route('time-zone') }}" class="cut mx-auto mt-4 grid max-w-xl gap-3 p-5">
        @csrf
        @method('put')
        <input type="hidden" name="was" value="{{ $chosen }}">
        <h1>Time zone</h1>
        <p class="text-ink-soft">By it, “today” is your day: for what you buy, for the days to hand-in, for the season.
        </p>
        <x-field name="time_zone" label="Where you are">
            <select class="input" id="time_zone" name="time_zone">@foreach ($zones as $zone)<option value="{{ $zone }}"
                @selected($zone === old('time_zone', $chosen))>{{ str_replace('_', ' ', $zone) }}</option>
                @endforeach</select>
        </x-field>
        <div class="flex gap-3">
            <button class="button go">Save</button><a class="button" href="{{ route('shelf') }}">Cancel</a>
        </div>
    </form>
</x-layout>

<x-layout :title="__('crew/views/time-zone.time-zone')" station="shelf">
    <form method="post" action="{{ route('time-zone') }}" class="cut mx-auto mt-4 grid max-w-xl gap-3 p-5">
        @csrf
        @method('put')
        <input type="hidden" name="was" value="{{ $chosen }}">
        <h1>{{ __('crew/views/time-zone.time-zone') }}</h1>
        <p class="text-ink-soft">{{ __('crew/views/time-zone.by-it-today-is-your') }}
        </p>
        <x-field name="time_zone" :label="__('crew/views/time-zone.where-you-are')">
            <select class="input" id="time_zone" name="time_zone">@foreach ($zones as $zone)<option value="{{ $zone }}"
                @selected($zone === old('time_zone', $chosen))>{{ str_replace('_', ' ', $zone) }}</option>
                @endforeach</select>
        </x-field>
        <div class="flex gap-3">
            <button class="button go">{{ __('crew/views/time-zone.save') }}</button><a class="button"
                href="{{ route('shelf') }}">{{ __('crew/views/time-zone.cancel') }}</a>
        </div>
    </form>
</x-layout>

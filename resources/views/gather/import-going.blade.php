<x-layout :title="__('gather/views/import-going.importing')" station="gather">
    <x-gather-tabs on="import" />
    @fragment('going')
        <form method="post" id="going" action="{{ route('import.keep', $import->id) }}"
            class="cut mx-auto grid max-w-2xl gap-3 p-6"
            hx-post="{{ route('import.keep', $import->id) }}" hx-target="#going" hx-swap="outerHTML"
            hx-trigger="load, submit">
            @csrf
            @foreach ($said as $place => $column)<input type="hidden" name="as[{{ $place }}]"
                value="{{ is_string($column) ? $column : '' }}">@endforeach
            @foreach ($so as $name => $count)<input type="hidden" name="{{ $name }}" value="{{ $count }}">@endforeach
            <h1>{{ __('gather/views/import-going.importing') }}</h1>
            <label for="progress">{{ __('gather/views/import-going.shown-of-shown2-rows', [
                'shown' => min($so['from'], $import->rowCount()),
                'shown2' => $import->rowCount(),
            ]) }}</label>
            <progress id="progress" class="w-full" max="{{ $import->rowCount() }}" value="{{ $so['from'] }}"></progress>
            <noscript><button class="button go justify-self-start">{{
                __('gather/views/import-going.go-on') }}</button></noscript>
        </form>
    @endfragment
</x-layout>

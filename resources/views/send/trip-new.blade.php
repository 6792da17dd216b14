<x-layout :title="__('send/trips.new-title')" station="send">
    <div class="mx-auto max-w-2xl">
        <h1 class="pb-3">{{ __('send/trips.new-title') }}</h1>
        <form method="post" action="{{ route('trips.store') }}" class="cut grid gap-4 p-5">
            @csrf
            <x-once />
            @include('send.partials.trip-fields')
            <div class="flex flex-wrap gap-2.5">
                <button class="button go">{{ __('send/trips.keep') }}</button>
                <a class="button" href="{{ route('send') }}">{{ __('send/trips.cancel') }}</a>
            </div>
        </form>
    </div>
</x-layout>

@php($name = __("lanes.{$lane->value}"))
<x-layout :title="__('send/topup.new-title', ['lane' => $name])" station="send">
    <div class="mx-auto max-w-2xl">
        <x-send-tabs on="topup" />
        <h1>{{ __('send/topup.new-title', ['lane' => $name]) }}</h1>
        <p class="pb-3 text-ink-soft">{{ __('send/topup.new-says') }}</p>
        @if ($lots->isEmpty())
            <p class="cut p-5">{{ __('send/topup.nothing') }}</p>
        @else
            <form method="post" action="{{ route('topup.store') }}" class="cut grid gap-4 p-5">
                @csrf
                <x-once />
                <input type="hidden" name="category" value="{{ $lane->value }}">
                <div>
                    <label class="font-semibold" for="band">{{ __('send/topup.band') }}</label>
                    <select class="input max-w-52" id="band" name="band">
                        <option value="">{{ __('send/topup.any') }}</option>
                        @foreach ($bands as $band)<option value="{{ $band }}" @selected(old('band') === $band)>
                            {{ str_replace('-', '–', $band) }}</option>@endforeach
                    </select>
                    <x-wrong name="band" />
                </div>
                <x-wrong name="pieces" />
                <ul>
                    @foreach ($lots as $lot)
                        @php($field = "pieces.{$lot->id}")
                        <li class="flex flex-wrap items-center gap-x-3 border-t-[1.5px] border-line py-1.5
                            first:border-t-0">
                            <span class="grow">{{ $lot->name }}</span>
                            <label class="sr-only" for="lot-{{ $lot->id }}">{{ __('send/topup.how-many', ['name' =>
                                $lot->name]) }}</label>
                            <input class="input w-24" id="lot-{{ $lot->id }}" name="pieces[{{ $lot->id }}]"
                                type="number" min="0" max="{{ $lot->stock()->onHand() }}" inputmode="numeric"
                                value="{{ old($field, 0) }}" @error($field) aria-invalid="true" @enderror>
                            <span class="w-16 text-ink-soft tabular">{{ __('send/topup.of', ['count' =>
                                $lot->stock()->onHand()]) }}</span>
                            @error($field)<p class="wrong w-full">{{ $message }}</p>@enderror
                        </li>
                    @endforeach
                </ul>
                <div class="flex flex-wrap gap-2.5">
                    <button class="button go">{{ __('send/topup.pack') }}</button>
                    <a class="button" href="{{ route('topup') }}">{{ __('send/topup.cancel') }}</a>
                </div>
            </form>
        @endif
    </div>
</x-layout>

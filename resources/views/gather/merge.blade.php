<x-layout :title="__('gather/views/merge.merge-two-purchases')" station="gather">
    <form method="post" action="{{ route('lots.merge', $lot) }}" class="mx-auto grid max-w-3xl gap-4">
        @csrf
        <x-once />
        <input type="hidden" name="with" value="{{ $other->id }}">
        <div>
            <h1>{{ __('gather/views/merge.merge-name-with-name2', [
                'name' => $lot->name,
                'name2' => $other->name,
            ]) }}</h1>
            <p class="text-ink-soft">
                {{ __('gather/views/merge.their-pieces-their-money-and') }}
            </p>
        </div>
        @foreach ($differing as $column)
            <fieldset class="cut grid gap-2 p-4 sm:grid-cols-2">
                <legend class="font-semibold">{{ ucfirst(__("gather/life.fields.{$column}")) }}</legend>
                @foreach (['this' => $lot, 'other' => $other] as $which => $one)
                    <label class="tile">
                        <input type="radio" name="choice[{{ $column }}]" value="{{ $which }}" required
                            @checked($which === 'this')><span>{{ $write->ofLot($one, $column) }}</span>
                    </label>
                @endforeach
            </fieldset>
        @endforeach
        <div class="flex flex-wrap gap-3">
            <button class="button go">{{ __('gather/views/merge.merge-them') }}</button>
            <a class="button" href="{{ route('lots.edit', $lot) }}">{{ __('gather/views/merge.cancel') }}</a>
        </div>
    </form>
</x-layout>

<x-layout :title="$lot ? $lot->name : __('gather/views/form.new-in-the-stash')" station="gather">
    @fragment('form')
        <div id="lot-form" class="mx-auto max-w-3xl">
            <h1 class="pb-3">{{ $lot ? $lot->name : __('gather/views/form.new-in-the-stash') }}</h1>
            <form method="post" action="{{ $lot ? route('lots.update', $lot) : route('lots.store') }}" class="cut p-5"
                data-draft="lot-{{ $lot?->version }}"
                data-draft-back="{{ __('answer.draft') }}">
                @csrf
                <x-once />
                @if ($lot) @method('put')
                    <input type="hidden" name="was" value="{{ $was }}"> @endif
                <x-meanwhile />
                @include('gather.partials.fields', [
                    'bag' => 'default', 'count' => null,
                    'kindAddress' => $lot ? route('lots.edit', $lot) : route('lots.create'),
                    'kindTarget' => '#lot-form',
                ])
                <div class="mt-5 flex flex-wrap gap-3">
                    @if ($kind !== null)
                        <button class="button go">{{ $lot ? __('gather/views/form.save-the-changes')
                            : __('gather/views/form.put-it-in-the-stash') }}</button>
                    @endif
                    <a class="button" href="{{ route('gather') }}">{{ __('gather/views/form.back-to-the-stash') }}</a>
                    @if ($lot)<a class="button" href="{{ route('ideas.create', ['seed' => $lot->id]) }}">
                        {{ __('plan/ideas.seed-link') }}</a>@endif
                </div>
            </form>
            @if ($lot)
                @include('gather.partials.photo')
                @include('gather.partials.life')
                <details class="mt-5">
                    <summary class="link text-ink-soft">{{ __('gather/views/form.delete-this-purchase') }}</summary>
                    <form method="post" action="{{ route('lots.destroy', $lot) }}"
                        class="cut mt-2 grid max-w-md gap-3 p-4">
                        @csrf
                        @method('delete')
                        <p>{{ __('gather/stash.delete-says') }}</p>
                        <x-wrong name="lot" />
                        <button class="button warn">{{ __('gather/stash.delete-go') }}</button>
                    </form>
                </details>
            @endif
        </div>
    @endfragment
</x-layout>

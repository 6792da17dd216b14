@php($handedIn = $page->box->handedIn() !== null)
<x-layout :title="__('send/note.title').', '.$page->box->theme" station="send">
    <div class="mx-auto max-w-5xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div class="max-w-2xl">
                <h1>{{ __('send/note.heading', ['theme' => $page->box->theme]) }}</h1>
                <p class="text-ink-soft">{{ __('send/note.what-for') }}</p>
            </div>
            <a class="button" href="{{ route('boxes.show', $page->box) }}">{{ __('send/note.back') }}</a>
        </div>
        <form method="post" action="{{ route('boxes.note.keep', $page->box) }}"
            class="grid grid-cols-1 items-start gap-3.5 wide:grid-cols-[1.2fr_1fr]">
            @csrf
            @method('put')
            <input type="hidden" name="was" value="{{ $page->kept }}">
            <section class="cut grid grid-cols-1 gap-3 p-4" aria-label="{{ __('send/note.words') }}">
                <x-field name="words" :label="__('send/note.words')" :hint="__('send/note.hint',
                    ['theme' => __('send/note.theme'), 'age' => __('send/note.age'), 'things' =>
                    __('send/note.things')])">
                    <textarea class="input text-lg" id="words" name="words" rows="9" aria-describedby="words-hint"
                        @readonly($handedIn)>{{ $page->words }}</textarea>
                </x-field>
                @if ($handedIn)
                    <p>{{ __('send/note.as-handed-in') }}</p>
                @else
                    <label class="flex items-center gap-2.5"><input type="checkbox" name="for_all" value="1">
                        {{ __('send/note.for-all') }}</label>
                    <div class="flex flex-wrap gap-2.5">
                        <button class="button go">{{ __('send/note.keep') }}</button>
                        @if ($page->kept !== '')<a class="button" href="{{ route('cards',
                            ['card' => $page->card->value, 'boxes' => [$page->box->id]]) }}">
                            {{ __('send/note.print') }}</a>@endif
                    </div>
                @endif
            </section>
            <div class="grid grid-cols-1 gap-3.5">
                @if ($page->words !== '')
                <section class="cut p-4" aria-labelledby="looked">
                    <h2 id="looked">{{ __('send/note.look') }}</h2>
                    @if ($page->doubts === [])
                        <p class="mt-1.5 font-semibold text-ok">{{ __('send/note.fine') }}</p>
                    @else
                        <p class="text-ink-soft">{{ __('send/note.left-out') }}</p>
                        <ul>
                            @foreach ($page->doubts as $doubt)
                                <li class="border-t-[1.5px] border-line py-2">{{ __(
                                    "send/note.doubts.{$doubt->kind->value}", ['found' => $doubt->found]) }}</li>
                            @endforeach
                        </ul>
                    @endif
                </section>
                @endif
                @unless ($handedIn)
                    <fieldset class="cut min-w-0 p-4">
                        <legend class="sr-only">{{ __('send/note.add') }}</legend>
                        <h2>{{ __('send/note.add') }}</h2>
                        @foreach ($page->sentences as $id => $sentence)
                            <label class="flex items-center gap-2.5 border-t-[1.5px] border-line py-1.5
                                first-of-type:border-t-0"><input type="checkbox" name="add[]" value="{{ $id }}">
                                {{ $sentence }}</label>
                        @endforeach
                        <button class="button small mt-2">{{ __('send/note.put-in') }}</button>
                    </fieldset>
                @endunless
            </div>
        </form>
        @include('send.partials.note-photo')
    </div>
</x-layout>

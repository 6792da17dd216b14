<x-layout :title="__('gather/kinds.title')" station="gather">
    <x-gather-tabs on="kinds" />
    <div class="mx-auto grid max-w-3xl gap-3.5">
        <div class="flex flex-wrap items-end justify-between gap-3">
            <div class="max-w-xl">
                <h1>{{ __('gather/kinds.title') }}</h1>
                <p class="text-ink-soft">{{ __('gather/kinds.what-for') }}</p>
            </div>
            <a class="button" href="{{ route('labels') }}">{{ __('gather/labels.link') }}</a>
            <a class="button go" href="{{ route('kinds.create') }}">{{ __('gather/kinds.new') }}</a>
        </div>
        <section class="cut px-4 py-2" aria-label="{{ __('gather/kinds.title') }}">
            <ul>
                @forelse ($kinds as $id => $kind)
                    <li class="flex flex-wrap items-center gap-x-3 border-t-[1.5px] border-line py-2.5
                        first:border-t-0">
                        <x-glyph :lane="$kind->category" :$kind class="size-6 shrink-0" />
                        <a class="link grow" href="{{ route('kinds.edit', $id) }}">{{ $kind->name }}</a>
                        <span class="text-ink-soft">{{ __("lanes.{$kind->category->value}") }} ·
                            {{ trans_choice('gather/kinds.lots', $lots[$id] ?? 0) }}</span>
                    </li>
                @empty
                    <li class="py-3">{{ __('gather/kinds.none') }}</li>
                @endforelse
            </ul>
        </section>
        <section class="cut grid gap-3 p-4" aria-labelledby="kinds-file">
            <h2 id="kinds-file">{{ __('gather/kinds.file') }}</h2>
            <p class="text-ink-soft">{{ __('gather/kinds.file-why') }}</p>
            @if ($kinds !== [])
                <p><a class="button small" href="{{ route('kinds.export') }}">{{ __('gather/kinds.save-file') }}</a></p>
            @endif
            <form method="post" action="{{ route('kinds.import') }}" enctype="multipart/form-data"
                class="flex flex-wrap items-end gap-3">
                @csrf
                <x-once />
                <x-field name="file" :label="__('gather/kinds.take-in')">
                    <input class="input" id="file" type="file" name="file" accept=".json,application/json" required>
                </x-field>
                <button class="button">{{ __('gather/kinds.take-in-do') }}</button>
            </form>
        </section>
    </div>
</x-layout>

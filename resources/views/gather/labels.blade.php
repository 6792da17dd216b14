<x-layout :title="__('gather/labels.title')" station="gather">
    <x-gather-tabs on="kinds" />
    <div class="mx-auto grid max-w-3xl gap-3.5">
        <div class="max-w-xl">
            <h1>{{ __('gather/labels.title') }}</h1>
            <p class="text-ink-soft">{{ __('gather/labels.what-for') }}
                <a class="link" href="{{ route('kinds') }}">{{ __('gather/labels.to-kinds') }}</a></p>
        </div>
        <section class="cut grid gap-3 p-4" aria-labelledby="try-label">
            <h2 id="try-label">{{ __('gather/labels.try') }}</h2>
            <form action="{{ route('labels') }}" class="flex flex-wrap items-end gap-3">
                <x-field class="w-48" name="label" :label="__('gather/labels.label')" :value="$tried" required
                    maxlength="40" autocomplete="off" />
                <label class="flex items-center gap-2 py-2">
                    <input type="checkbox" name="shoes" value="1" @checked($isShoes)> {{ __('gather/labels.shoes') }}
                </label>
                <button class="button">{{ __('gather/labels.read') }}</button>
            </form>
            <p role="status">
                @if ($tried !== '')
                    {{ $means === null ? __('gather/labels.unread', ['label' => $tried]) : $means.'.' }}
                @endif
            </p>
            @if ($tried !== '' && $means === null)
                <form method="post" action="{{ route('labels.store') }}" class="flex flex-wrap items-end gap-3">
                    @csrf
                    <input type="hidden" name="label" value="{{ $tried }}">
                    <input type="hidden" name="shoes" value="{{ (int) $isShoes }}">
                    <x-field class="w-56" name="fits" :label="__('gather/labels.fits.'.($isShoes ? 'foot' : 'tall'))"
                        inputmode="decimal" required maxlength="20" autocomplete="off" :value="old('fits')" />
                    <button class="button go">{{ __('gather/labels.teach') }}</button>
                </form>
            @elseif ($errors->has('fits'))
                <p class="wrong">{{ $errors->first('fits') }}</p>
            @endif
        </section>
        <section class="cut px-4 py-2" aria-labelledby="taught">
            <h2 id="taught" class="pt-2">{{ __('gather/labels.ours') }}</h2>
            <ul>
                @forelse ($taught as $label)
                    <li class="flex flex-wrap items-center gap-x-3 border-t-[1.5px] border-line py-2.5">
                        <b>{{ $label->label }}</b>
                        <span class="grow text-ink-soft tabular">
                            {{ __('gather/labels.means.'.($label->is_shoes ? 'foot' : 'tall'),
                                ['cm' => $label->fits_mm / 10]) }}</span>
                        <form method="post" action="{{ route('labels.destroy', $label) }}">
                            @csrf
                            @method('delete')
                            <button class="button small">{{ __('gather/labels.forget') }}<span
                                class="sr-only">: {{ $label->label }}</span></button>
                        </form>
                    </li>
                @empty
                    <li class="border-t-[1.5px] border-line py-3">{{ __('gather/labels.none') }}</li>
                @endforelse
            </ul>
        </section>
    </div>
</x-layout>

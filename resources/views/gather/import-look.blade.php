<x-layout :title="__('gather/views/import-look.look-at-the-file')" station="gather">
    <x-gather-tabs on="import" />
    @fragment('look')
        <div id="look" class="mx-auto grid max-w-4xl gap-3.5">
            <h1>{{ __('gather/views/import-look.look-before-it-is-kept') }}</h1>
            <form action="{{ route('import.show', $import->id) }}" class="cut grid gap-3 p-5"
                hx-get="{{ route('import.show', $import->id) }}" hx-target="#look" hx-swap="outerMorph"
                hx-replace-url="true" hx-trigger="change, submit" hx-sync="this:replace">
                <h2>{{ __('gather/views/import-look.which-column-is-which') }}</h2>
                <div class="grid gap-2.5 sm:grid-cols-3">
                    @foreach ($import->headers() as $place => $header)
                        <x-field :name="'as['.$place.']'" :id="'as-'.$place"
                            :label="$header === '' ? __('gather/views/import-look.column-number',
                                ['number' => $place + 1]) : $header">
                            <select class="input" id="as-{{ $place }}" name="as[{{ $place }}]">
                                <option value="">{{ __('gather/views/import-look.left-out') }}</option>
                                @foreach ($allColumns as $column)<option value="{{ $column->value }}"
                                    @selected(($columns[$place] ?? null) === $column)>{{ $column->value }}</option>
                                    @endforeach
                            </select>
                        </x-field>
                    @endforeach
                </div>
                <button class="button justify-self-start">{{ __('gather/views/import-look.look-again') }}</button>
            </form>
            <section class="cut p-5" aria-live="polite">
                @if (! $tellsKinds)<p class="wrong mb-3">{{ __('gather/import.no-kinds') }}</p>@endif
                <h2>{{ trans_choice('gather/import.good', $read['good']) }}</h2>
                @if ($read['lots'] !== [])
                    <ul class="mt-1">
                        @foreach ($read['lots'] as $line => $lot)
                            <li class="border-t-[1.5px] border-line py-1 first:border-t-0">
                                <span class="text-ink-soft">{{ __('gather/views/import-look.line-line', [
                                    'line' => $line,
                                ]) }}</span> {{ $lot->pieces }} ×
                                <b>{{ $lot->name }}</b>, <x-each :price="$lot->price()" />, {{ $lot->cameFrom() }}
                            </li>
                        @endforeach
                    </ul>
                @endif
                @if ($read['likely'] !== [])
                    <h3 class="mt-4">{{ __('gather/import.likely') }}</h3>
                    <ul class="mt-1 columns-2 max-sm:columns-1">
                        @foreach ($read['likely'] as $text => $kind)
                            <li class="break-inside-avoid">{{ __('gather/import.likely-one', [
                                'text' => Str::limit($text, 60), 'kind' => $kind,
                            ]) }}</li>
                        @endforeach
                    </ul>
                    @if ($read['moreLikely'] > 0)
                        <p class="text-ink-soft">
                            {{ __('gather/import.bad-more', ['count' => $read['moreLikely']]) }}</p>
                    @endif
                @endif
                @if ($read['bad'] > 0 && $tellsKinds)
                    <h2 class="mt-4 text-mend">{{ trim(trans_choice('gather/import.bad', $read['bad'])) }}</h2>
                    <ul class="mt-1">
                        @foreach ($read['reasons'] as $line => $reasons)
                            <li class="border-t-[1.5px] border-line py-1 first:border-t-0">
                                <b>{{ __('gather/views/import-look.line-line', ['line' => $line]) }}</b> {{
                                    implode(' ', $reasons) }}
                            </li>
                        @endforeach
                    </ul>
                    @if ($read['bad'] > count($read['reasons']))<p class="text-ink-soft">
                            {{ __('gather/import.bad-more', ['count' => $read['bad'] - count($read['reasons'])]) }}</p>
                            @endif
                @endif
                @foreach ($undecided as $header)<p class="wrong mt-3">
                        {{ __('gather/import.holds-money', ['column' => $header]) }}</p>@endforeach
                <div class="mt-4 flex flex-wrap gap-3">
                    @if ($read['good'] > 0 && $undecided === [])
                        <form method="post" action="{{ route('import.keep', $import->id) }}">
                            @csrf
                            @foreach ($import->headers() as $place => $header)<input type="hidden"
                                name="as[{{ $place }}]" value="{{ ($columns[$place] ?? null)?->value }}">@endforeach
                            <button class="button go">{{ trans_choice('gather/import.do', $read['good']) }}</button>
                        </form>
                    @endif
                    <form method="post" action="{{ route('import.destroy', $import->id) }}">
                        @csrf
                        @method('delete')
                        <button class="button">{{ __('gather/views/import-look.import-nothing') }}</button>
                    </form>
                </div>
            </section>
        </div>
    @endfragment
</x-layout>

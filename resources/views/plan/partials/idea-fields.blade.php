{{-- What an idea is about: its name, words, colours and wishes. --}}
<x-field name="name" :label="__('plan/ideas.name')" :value="old('name', $idea->name)" required maxlength="80"
    autocomplete="off" />
<x-field name="words" :label="__('plan/ideas.words')" :hint="__('plan/ideas.words-hint')"
    :value="old('words', implode(', ', $idea->words))" maxlength="400" autocomplete="off" />
<fieldset>
    <legend class="font-semibold">{{ __('plan/ideas.colours') }}</legend>
    @php($chosen = array_filter((array) old('colours', $idea->palette->hexes()), is_string(...)))
    <div class="flex flex-wrap gap-1.5">
        @foreach ($chosen as $hex)<x-colour-tile :hex="$hex" :name="$swatches[$hex] ?? $hex" checked />@endforeach
        @foreach (array_diff(array_map(fn ($colour) => $colour->hex, $near), $chosen) as $hex)
            <x-colour-tile :hex="$hex" :name="$swatches[$hex] ?? $hex" />
        @endforeach
    </div>
    <details class="pt-1.5" @if ($chosen === []) open @endif>
        <summary class="link text-ink-soft">{{ __('plan/ideas.more-colours') }}</summary>
        <div class="flex flex-wrap gap-1.5 pt-1.5">
            @foreach ($swatches as $hex => $name)
                @unless (in_array($hex, $chosen, true))<x-colour-tile :hex="$hex" :name="$name" />@endunless
            @endforeach
        </div>
    </details>
    <x-wrong name="colours" />
</fieldset>
<div>
    <label class="font-semibold" for="wishes">{{ __('plan/ideas.wishes') }}</label>
    <textarea class="input" id="wishes" name="wishes" rows="4" maxlength="2000"
        aria-describedby="wishes-hint">{{ old('wishes', implode("\n", $idea->wishes)) }}</textarea>
    <p class="hint" id="wishes-hint">{{ __('plan/ideas.wishes-hint') }}</p>
    <x-wrong name="wishes" />
</div>

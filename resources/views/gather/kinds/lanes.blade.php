<fieldset @if ($errors->has('category')) aria-describedby="category-wrong" @endif>
    <legend class="font-semibold">{{ __('gather/kinds.lane') }}</legend>
    <div class="mt-1 grid gap-x-4 gap-y-1.5 sm:grid-cols-3">
        @foreach ($choices->lanes as $one)
            <label class="flex items-center gap-2">
                <input type="radio" name="category" value="{{ $one->value }}" required
                    @checked($lane === $one->value)>
                <x-glyph :lane="$one" class="size-5 shrink-0" /> {{ __("lanes.{$one->value}") }}
            </label>
        @endforeach
    </div>
    @error('category')<p class="wrong" id="category-wrong">{{ $message }}</p>@enderror
</fieldset>

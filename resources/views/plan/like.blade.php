<x-layout :title="__('plan/like.title', ['theme' => $box->theme])" station="shelf">
    <div class="mx-auto max-w-2xl">
        <h1>{{ __('plan/like.title', ['theme' => $box->theme]) }}</h1>
        <p class="pb-3 text-ink-soft">{{ __('plan/like.says') }}</p>
        <form method="post" action="{{ route('boxes.like.plan', $box) }}" class="cut grid gap-4 p-5">
            @csrf
            <x-once />
            <fieldset>
                <legend class="font-semibold">{{ __('plan/like.band') }}</legend>
                <div class="flex flex-wrap gap-x-5">
                    @foreach ($audience->bands as $band)
                        <label class="flex items-center gap-2 py-1"><input type="radio" name="band" required
                            value="{{ $band->id() }}" @checked(old('band', $box->band) === $band->id())>
                            {{ $band->label() }}</label>
                    @endforeach
                </div>
                <x-wrong name="band" />
            </fieldset>
            <fieldset>
                <legend class="font-semibold">{{ __('plan/like.gender') }}</legend>
                <div class="flex flex-wrap gap-x-5">
                    @foreach ($audience->genders as $gender)
                        <label class="flex items-center gap-2 py-1"><input type="radio" name="gender" required
                            value="{{ $gender->value }}"
                            @checked(old('gender', $box->gender->value) === $gender->value)>
                            {{ __("people.{$gender->value}") }}</label>
                    @endforeach
                </div>
                <x-wrong name="gender" />
            </fieldset>
            <x-field name="theme" :label="__('plan/like.theme')" :value="old('theme', $box->theme)" required
                maxlength="80" />
            <x-field name="count" :label="__('plan/like.count')" :hint="__('plan/like.count-hint')" type="number"
                min="1" max="7" :value="old('count', 1)" class="max-w-80" />
            <div class="flex flex-wrap gap-2.5">
                <button class="button go">{{ __('plan/like.plan') }}</button>
                <a class="button" href="{{ route('boxes.show', $box) }}">{{ __('plan/like.cancel') }}</a>
            </div>
        </form>
    </div>
</x-layout>

<x-layout :title="__('gather/makes.title')" station="gather">
    <x-gather-tabs on="makes" />
    <div class="mx-auto grid max-w-4xl gap-3.5">
        <div class="flex flex-wrap items-end justify-between gap-3">
            <div class="max-w-xl">
                <h1>{{ __('gather/makes.title') }}</h1>
                <p class="text-ink-soft">{{ __('gather/makes.what-for') }}</p>
            </div>
            <a class="button go" href="{{ route('makes.create') }}">{{ __('gather/makes.new') }}</a>
        </div>
        <section class="cut px-4 py-2" aria-label="{{ __('gather/makes.title') }}">
            <ul>
                @forelse ($makes->recipes as [$recipe, $value])
                    @php([$most, $bag] = [$makes->canMake($value), "make-{$recipe->id}"])
                    <li class="grid gap-x-4 gap-y-2 border-t-[1.5px] border-line py-3 first:border-t-0
                        sm:grid-cols-[1fr_auto] sm:items-end">
                        <div class="flex min-w-0 items-start gap-3">
                            <x-glyph :lane="$value->kind->category" :kind="$value->kind" class="mt-0.5 size-7
                                shrink-0" />
                            <div class="min-w-0">
                                <h2><a class="no-underline hover:underline"
                                    href="{{ route('makes.edit', $recipe) }}">{{ $recipe->name }}</a></h2>
                                <p>{{ __('gather/makes.of', ['count' => $value->gives,
                                    'materials' => $makes->materials($value)]) }}</p>
                                <p class="text-ink-soft"><b class="text-ink">{{ $makes->says($value) }}</b>
                                    {{ $makes->takes($recipe, $value) }}</p>
                            </div>
                        </div>
                        <form method="post" action="{{ route('makes.make', $recipe) }}"
                            class="flex flex-wrap items-end gap-1.5">
                            @csrf
                            <x-once />
                            @foreach (['count' => max(1, min($value->gives, $most ?? $value->gives)),
                                'minutes' => ''] as $field => $usual)
                                @php($wrong = $errors->getBag($bag)->first($field))
                                <div>
                                    <label class="block text-base" for="{{ $bag }}-{{ $field }}">
                                        {{ __("gather/makes.{$field}") }}<span
                                            class="sr-only">: {{ $recipe->name }}</span></label>
                                    <input class="count !w-24" id="{{ $bag }}-{{ $field }}" type="number" min="1"
                                        name="{{ $field }}" @required($field === 'count')
                                        value="{{ $errors->getBag($bag)->any() ? old($field) : $usual }}"
                                        @if ($wrong !== '') aria-invalid="true"
                                            aria-describedby="{{ $bag }}-{{ $field }}-wrong" @endif>
                                </div>
                            @endforeach
                            <button class="button" @disabled($most === 0)>{{ __('gather/makes.make') }}<span
                                class="sr-only">: {{ $recipe->name }}</span></button>
                            @foreach (['count', 'minutes'] as $field)
                                @if ($errors->getBag($bag)->has($field))
                                    <p class="wrong w-full" id="{{ $bag }}-{{ $field }}-wrong">
                                        {{ $errors->getBag($bag)->first($field) }}</p>
                                @endif
                            @endforeach
                        </form>
                    </li>
                @empty
                    <li class="py-3">{{ __('gather/makes.none') }}</li>
                @endforelse
            </ul>
        </section>
        @if ($makes->lately !== [])
            <section class="cut px-4 py-3" aria-labelledby="made-lately">
                <h2 id="made-lately">{{ __('gather/makes.lately') }}</h2>
                <x-wrong name="undo" />
                <ul>
                    @foreach ($makes->lately as $making)
                        <li class="flex flex-wrap items-center gap-x-3 border-t-[1.5px] border-line py-2
                            first:border-t-0">
                            <span class="grow"><a class="link" href="{{ route('lots.edit', $making->lot) }}">{{
                                $making->lot->name }}</a> <span class="tabular">× {{ $making->pieces }}</span>
                                <span class="text-ink-soft">{{ $making->created_at->format('j M')
                                    }}@if ($making->minutes)
                                    · {{ __('gather/makes.took', ['minutes' => $making->minutes]) }}@endif · <x-each
                                        :price="$making->lot->price()" /></span></span>
                            <form method="post" action="{{ route('makes.undo', $making) }}">
                                @csrf
                                <button class="button small">{{ __('gather/makes.undo') }}<span
                                    class="sr-only">: {{ $making->lot->name }}</span></button>
                            </form>
                        </li>
                    @endforeach
                </ul>
            </section>
        @endif
    </div>
</x-layout>

<x-layout :title="__('plan/next-box.title')" station="shelf">
    <div class="mx-auto max-w-3xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div class="max-w-xl">
                <h1>{{ __('plan/next-box.title') }}</h1>
                <p class="text-ink-soft">{{ __('plan/next-box.what-for') }}</p>
            </div>
            <a class="button go" href="{{ route('boxes.create') }}">{{ __('plan/next-box.begin') }}</a>
        </div>
        <section class="cut px-4 py-2" aria-label="{{ __('plan/next-box.title') }}">
            <ul>
                @forelse ($left as $one)
                    <li class="flex items-center gap-x-3 border-t-[1.5px] border-line py-2.5
                        first:border-t-0">
                        <x-glyph :lane="$one->lot->itemKind()->category" :kind="$one->lot->itemKind()"
                            class="size-6 shrink-0" />
                        <span class="min-w-0 grow"><a class="link font-semibold"
                            href="{{ route('lots.edit', $one->lot) }}">{{ $one->lot->name }}</a>
                            <span class="tabular">× {{ $one->pieces }}</span>
                            <span class="block text-ink-soft">{{ $one->says() }}@if ($one->lot->kept) ·
                                {{ __('plan/next-box.kept', ['kept' => $one->lot->kept]) }}@endif</span></span>
                        <form method="post" class="shrink-0" action="{{ route('next-box.destroy', $one) }}">
                            @csrf
                            @method('delete')
                            <button class="button small">{{ __('plan/next-box.forget') }}<span
                                class="sr-only">: {{ $one->lot->name }}</span></button>
                        </form>
                    </li>
                @empty
                    <li class="py-3">{{ __('plan/next-box.none') }}</li>
                @endforelse
            </ul>
        </section>
    </div>
</x-layout>

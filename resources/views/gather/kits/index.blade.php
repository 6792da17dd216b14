<x-layout :title="__('gather/kits.title')" station="gather">
    <x-gather-tabs on="kits" />
    <div class="mx-auto grid max-w-4xl gap-3.5">
        <div class="flex flex-wrap items-end justify-between gap-3">
            <div class="max-w-xl">
                <h1>{{ __('gather/kits.title') }}</h1>
                <p class="text-ink-soft">{{ __('gather/kits.what-for') }}</p>
            </div>
            <a class="button go" href="{{ route('gather') }}">{{ __('gather/kits.from-stash') }}</a>
        </div>
        <section class="cut px-4 py-2" aria-label="{{ __('gather/kits.title') }}">
            <ul>
                @forelse ($kits as $kit)
                    @php([$stock, $wrong] = [$kit->stock(), $errors->first('apart-'.$kit->id)])
                    <li class="grid gap-x-4 gap-y-2 border-t-[1.5px] border-line py-3 first:border-t-0
                        sm:grid-cols-[1fr_auto]">
                        <div class="flex min-w-0 items-start gap-3">
                            <x-glyph :lane="$kit->itemKind()->category" :kind="$kit->itemKind()"
                                class="mt-0.5 size-6 shrink-0" />
                            <div class="min-w-0">
                                <p><a class="font-semibold no-underline hover:underline"
                                    href="{{ route('lots.edit', $kit) }}">{{ $kit->name }}</a>
                                    <span class="text-ink-soft">· {{ __('gather/kits.on-hand',
                                        ['count' => $stock->onHand()]) }} · <x-each
                                            :price="$kit->price()" /></span></p>
                                <p class="text-ink-soft">{{ __('gather/kits.holds',
                                    ['things' => $write->inside($kit->thing()->inside)]) }}</p>
                                @if ($wrong !== '')<p class="wrong">{{ $wrong }}</p>@endif
                            </div>
                        </div>
                        @if ($stock->onHand() > 0)
                            <form method="post" action="{{ route('kits.apart', $kit) }}"
                                class="flex items-center gap-1.5">
                                @csrf
                                <x-once />
                                <label class="sr-only" for="apart-{{ $kit->id }}">
                                    {{ __('gather/kits.take-apart-label', ['name' => $kit->name]) }}</label>
                                <input class="count" id="apart-{{ $kit->id }}" type="number" name="count" min="1"
                                    max="{{ $stock->onHand() }}" value="1" required>
                                <button class="button small">{{ __('gather/kits.take-apart') }}</button>
                            </form>
                        @endif
                    </li>
                @empty
                    <li class="py-3">{{ __('gather/kits.none') }}</li>
                @endforelse
            </ul>
        </section>
    </div>
</x-layout>

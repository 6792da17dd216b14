<x-layout :title="__('gather/kits.new')" station="gather">
    <x-gather-tabs on="kits" />
    @fragment('table')
        @php
            [$plan, $cost, $first] = [$table->plan, $table->plan->costEach(), $table->plan->runsOutFirst()];
            $stuck = $plan->stuck();
        @endphp
        <form method="post" action="{{ route('kits.store') }}" id="kit-table"
            class="mx-auto grid max-w-5xl items-start gap-3.5 wide:grid-cols-[1.5fr_1fr]"
            hx-post="{{ route('kits.look') }}" hx-target="#kit-table" hx-swap="outerMorph"
            hx-sync="this:replace" hx-trigger="change delay:150ms">
            @csrf
            <x-once />
            <section class="cut px-4 py-3" aria-labelledby="kit-parts">
                <h1 id="kit-parts">{{ __('gather/kits.new') }}</h1>
                <p class="pb-1 text-ink-soft">{{ __('gather/kits.in-each') }}</p>
                <ul>
                    @forelse ($table->lots as $lot)
                        <li class="flex items-center gap-3 border-t-[1.5px] border-line py-2">
                            <x-glyph :lane="$lot->itemKind()->category" :kind="$lot->itemKind()"
                                class="size-6 shrink-0" />
                            <span class="min-w-0 grow">{{ $lot->name }}
                                <span class="text-ink-soft">· {{ __('gather/kits.on-hand',
                                    ['count' => $lot->stock()->onHand()]) }} · <x-each
                                        :price="$lot->price()" /></span></span>
                            <label class="sr-only" for="each-{{ $lot->id }}">
                                {{ __('gather/kits.how-many', ['name' => $lot->name]) }}</label>
                            <input class="count" id="each-{{ $lot->id }}" type="number" name="each[{{ $lot->id }}]"
                                min="0" max="100" value="{{ $table->each[$lot->id] }}">
                        </li>
                    @empty
                        <li class="py-3">{{ __('gather/kits.none') }}
                            <a class="link" href="{{ route('gather') }}">{{ __('gather/kits.from-stash') }}</a></li>
                    @endforelse
                </ul>
            </section>
            <section class="cut grid gap-3 p-4" aria-label="{{ __('gather/kits.title') }}">
                <p class="text-lg" role="status">
                    {{ $first === null ? __('gather/kits.nothing')
                        : trans_choice('gather/kits.can-make', $plan->canMake(), ['first' => $first->thing->name]) }}
                </p>
                @if ($plan->holder() !== null)
                    <p class="text-ink-soft">{{ __('gather/kits.packed-in',
                        ['holder' => $plan->holder()->thing->name]) }}</p>
                    @if ($stuck !== null)
                        <p class="wrong">{{ __('gather/kits.stuck', ['name' => $stuck[0]->name, 'count' => $stuck[1],
                            'holder' => $plan->holder()->thing->name]) }}</p>
                    @endif
                @endif
                <p>
                    @if ($cost === null)
                        {{ __('gather/kits.cost-unknown') }}
                    @else
                        {{ __('gather/kits.cost') }} <b class="figure">{{ $cost->format() }}</b>
                    @endif
                </p>
                <x-field name="kind" :label="__('gather/kits.kind')"
                    :wrong="$table->kind === null ? __('gather/kits.no-kind') : null">
                    <x-kind-input :kind="$table->kind" required />
                </x-field>
                <x-field name="name" :label="__('gather/kits.name')" :value="$table->name" required maxlength="80" />
                <x-field name="count" :label="__('gather/kits.count')" type="number" min="1" max="10000" required
                    :value="$table->count" />
                <div class="flex flex-wrap gap-3">
                    <button class="button go" @disabled(! $table->canBeMade())>{{ __('gather/kits.make') }}</button>
                    <noscript>
                        <button class="button" name="look" value="1">{{ __('gather/kits.look') }}</button>
                    </noscript>
                    <a class="button" href="{{ route('kits') }}">{{ __('gather/kits.back') }}</a>
                </div>
            </section>
        </form>
    @endfragment
</x-layout>

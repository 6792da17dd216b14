<x-layout :title="__('crew/people.helper-title', ['crew' => $crew->name])" bare>
    <div class="mx-auto max-w-xl pt-4">
        <h1>{{ __('crew/people.helper-title', ['crew' => $crew->name]) }}</h1>
        <p class="pb-3 text-ink-soft">{{ __('crew/people.helper-lead') }}</p>
        @if ($page->places->isEmpty())
            <p class="cut p-5">{{ __('crew/people.nothing') }}</p>
        @else
            @foreach ($page->places as $place => $rows)
                <section class="cut mb-3.5 px-4 py-2" aria-labelledby="place-{{ $loop->index }}">
                    <h2 id="place-{{ $loop->index }}" class="py-1">{{ $place === '' ? __('gather/shopping.any-shop')
                        : $place }}</h2>
                    <ul>
                        @foreach ($rows as $row)
                            @php($by = $page->inBaskets[$row->line->kind->id] ?? null)
                            <li class="flex flex-wrap items-center gap-2.5 border-t-[1.5px] border-line py-2.5">
                                <x-glyph :lane="$row->line->kind->category" :kind="$row->line->kind"
                                    class="size-6 shrink-0" />
                                <div @class(['min-w-0 grow', 'text-ink-soft line-through' => $by !== null])>
                                    <b class="figure">{{ $row->line->toBuy() }}</b> {{ $row->line->kind->name }}
                                    @if ($row->target)<span class="block text-sm text-ink-soft">{{
                                        __('gather/shopping.at-most', ['target' => $row->target->format()]) }}</span>
                                    @endif
                                </div>
                                @if ($by !== null)<span class="text-ink-soft">{{ __('crew/people.has-it', ['name' =>
                                    $by]) }}</span>@endif
                                <x-basket-tick :action="route('helper.tick', $token)" :kind="$row->line->kind"
                                    :is-in-basket="$by !== null" :name="session('helper.name', '')" />
                            </li>
                        @endforeach
                    </ul>
                </section>
            @endforeach
        @endif
    </div>
</x-layout>

@php($season = $page->path->season)
<x-layout :title="__('send/season.title')" station="send">
    <div class="mx-auto max-w-6xl">
        <x-send-tabs on="season" />
        <h1>{{ __('send/season.heading', ['year' => $season->year]) }}</h1>
        <p class="pb-3 text-ink-soft">{{ __('send/season.says', ['from' => $season->from->format('j M Y'), 'to' =>
            $season->to->format('j M Y')]) }}</p>
        @include('send.partials.season-path', ['path' => $page->path])
        <div class="grid grid-cols-1 items-start gap-3.5 pt-3.5 wide:grid-cols-2">
            <div class="grid grid-cols-1 gap-3.5">
                <section class="cut grid gap-3 p-5" aria-labelledby="pace">
                    <h2 id="pace">{{ __('send/season.pace') }}</h2>
                    @include('send.partials.pace', ['pace' => $page->pace])
                    <form method="post" action="{{ route('season.goals') }}"
                        class="grid gap-2.5 border-t-[1.5px] border-line pt-3">
                        @csrf
                        @method('put')
                        <fieldset>
                            <legend class="font-semibold">{{ __('send/season.goals') }}</legend>
                            <div class="flex flex-wrap items-end gap-3 pt-1">
                                @foreach ($page->bands as $band)
                                    <x-field class="w-24" name="goals[{{ $band }}]" id="goal-{{ $band }}" type="number"
                                        :label="__('send/season.goal-of', ['band' => str_replace('-', '–', $band)])"
                                        min="0"
                                        max="5000" inputmode="numeric" :value="old(
                                        'goals.'.$band, $page->goals[$band] ?? '')"
                                        :wrong="$errors->first('goals.'.$band)" />
                                @endforeach
                                <button class="button">{{ __('send/season.keep-goals') }}</button>
                            </div>
                        </fieldset>
                    </form>
                    <div class="border-t-[1.5px] border-line pt-3">
                        @if ($page->hasNext)<p>{{ __('send/season.has-next') }}</p>
                        @else<a class="button" href="{{ route('season.next') }}">{{ __('send/season.next-season') }}</a>
                            <span class="text-ink-soft">{{ __('send/season.next-season-says') }}</span>@endif
                    </div>
                </section>
                <section class="cut p-5" aria-labelledby="next">
                    <h2 id="next">{{ __('send/season.next') }}</h2>
                    <ol>
                        @foreach ($page->dates as $date)
                            <li class="grid gap-x-4 border-t-[1.5px] border-line py-1.5 first:border-t-0
                                sm:grid-cols-[9rem_1fr]">
                                <b class="figure">{{ $date->first == $date->last ? $date->first->format('j M')
                                    : $date->first->format('j M').' – '.$date->last->format('j M') }}</b>
                                <span>{{ $says($date) }}</span>
                            </li>
                        @endforeach
                    </ol>
                    <p class="pt-2"><a class="link" href="{{ route('dates') }}">
                        {{ __('send/season.all-dates') }}</a></p>
                </section>
            </div>
            <div class="grid grid-cols-1 gap-3.5">
                <section class="cut p-5" aria-labelledby="cheap">
                    <h2 id="cheap">{{ __('send/season.cheap', ['month' => $write->today()->format('F')]) }}</h2>
                    @if ($page->cheap === [])
                        <p>{{ __('send/season.cheap-none') }}</p>
                    @else
                        <ul>
                            @foreach ($page->cheap as $cheap)
                                <li class="flex items-center gap-2.5 border-t-[1.5px] border-line py-1.5
                                    first:border-t-0">
                                    <x-glyph :lane="$cheap->kind->category" :kind="$cheap->kind"
                                        class="h-7 w-7 shrink-0" />
                                    <a class="link grow" href="{{ route('price-desk', ['kind' => $cheap->kind->id]) }}">
                                        {{ $cheap->kind->name }}</a>
                                    <span class="text-ink-soft tabular">{{ $cheap->here ? __('send/season.cheap-own',
                                        ['here' => $cheap->here->format(), 'else' => $cheap->else->format()])
                                        : __('send/season.cheap-usual') }}</span>
                                </li>
                            @endforeach
                        </ul>
                    @endif
                </section>
                @include('send.partials.evenings')
            </div>
        </div>
    </div>
</x-layout>

<x-layout :title="__('crew/people.evening-title', ['crew' => $crew->name])" bare>
    <div class="mx-auto max-w-2xl pt-4">
        <h1>{{ __('crew/people.evening-title', ['crew' => $crew->name]) }}</h1>
        <p class="pb-3 text-ink-soft">{{ __('crew/people.evening-lead') }}</p>
        @if (session('ticked'))
            <form method="post" action="{{ route('helper.task', $token) }}"
                class="cut mb-3.5 flex flex-wrap items-center justify-between gap-2 px-4 py-2">
                @csrf
                <input type="hidden" name="piece" value="{{ session('ticked')['piece'] }}">
                <input type="hidden" name="task" value="{{ session('ticked')['task'] }}">
                <span role="status">{{ session('ticked')['said'] }}</span>
                <button class="button small">{{ __('crew/people.task-back') }}</button>
            </form>
        @endif
        @if ($page->work === [] && $page->kits === [])<p class="cut p-5">{{ __('crew/people.nothing') }}</p>@endif
        @if ($page->kits !== [])
            <section class="cut mb-3.5 px-4 py-3" aria-labelledby="kits">
                <h2 id="kits">{{ __('pack/evening.kits') }}</h2>
                <ul class="evening mt-1">
                    @foreach ($page->kits as [$holder, $riders])
                        <li><span>{{ __('pack/evening.fill', ['holder' => $holder->planned()->name, 'what' => implode(
                            ', ', array_map(fn ($piece) => $piece->planned()->name, $riders))]) }}</span>
                            <span class="text-ink-soft">{{ $holder->box->theme }}</span></li>
                    @endforeach
                </ul>
            </section>
        @endif
        @foreach ($page->work as $value => $pieces)
            <section class="cut mb-3.5 px-4 py-3" aria-labelledby="task-{{ $value }}">
                <h2 id="task-{{ $value }}">{{ ucfirst(__("pack/tasks.name.{$value}")) }}</h2>
                <p class="text-ink-soft">{{ __("pack/tasks.why.{$value}") }}</p>
                <ul class="evening mt-1">
                    @foreach ($pieces as $piece)
                        <li>
                            <form method="post" action="{{ route('helper.task', $token) }}" class="task">
                                @csrf
                                <input type="hidden" name="piece" value="{{ $piece->id }}">
                                <input type="hidden" name="task" value="{{ $value }}">
                                <input type="hidden" name="done" value="1">
                                <button class="task-tick" aria-pressed="false">
                                    <span class="box" aria-hidden="true"></span><span><b class="figure">{{
                                        $piece->quantity }}</b> {{ $piece->planned()->name }}</span><span
                                        class="sr-only">: {{ __("pack/tasks.name.{$value}") }}</span></button>
                            </form>
                            <span class="text-ink-soft">{{ $piece->box->theme }}</span>
                        </li>
                    @endforeach
                </ul>
            </section>
        @endforeach
    </div>
</x-layout>

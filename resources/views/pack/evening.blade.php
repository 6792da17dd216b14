@php($evening = $preparation->evening())
<x-layout title="Tonight’s tasks" station="pack">
    <div class="mx-auto max-w-4xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div>
                <h1>Tonight’s tasks</h1>
                <p class="text-ink-soft">
                    Everything still to do over all open boxes, one kind of work at a time: all the prices, then all the
                    bagging.
                </p>
            </div>
            @if ($evening !== [])<button type="button" class="button no-print" data-print hidden>Print the list
                </button>@endif
        </div>
        @forelse ($evening as $value => $pieces)
            <section class="cut mb-3.5 px-4 py-3" aria-labelledby="task-{{ $value }}">
                <div class="flex flex-wrap items-baseline gap-x-3">
                    <h2 id="task-{{ $value }}">{{ ucfirst(__("pack/tasks.name.{$value}")) }}</h2>
                    <p class="grow text-ink-soft">{{ count($pieces) }}, {{ __("pack/tasks.why.{$value}") }}</p>
                    <form method="post" action="{{ route('evening.all', $value) }}" class="no-print">
                        @csrf
                        @method('put')
                        @foreach ($pieces as $piece)<input type="hidden" name="pieces[]" value="{{ $piece->id }}">
                            @endforeach
                        <button class="button small">
                            All of these are done<span class="sr-only">: {{ __("pack/tasks.name.{$value}") }}</span>
                            </button>
                    </form>
                </div>
                <ul class="evening mt-1">
                    @foreach ($pieces as $piece)
                        <li>
                            @include('pack.partials.task',
                                ['address' => route('tasks.piece', [$piece, $value]), 'says' =>
                                $piece->lot->name.($piece->quantity > 1 ? " × {$piece->quantity}" : ''), 'about' =>
                                __("pack/tasks.name.{$value}"), 'isDone' =>
                                false])<span class="text-ink-soft">{{ $piece->box->theme }}</span>
                        </li>
                    @endforeach
                </ul>
            </section>
        @empty
            <section class="cut max-w-2xl p-6">
                <h2>Nothing to do tonight</h2>
                <p class="my-3">Every piece in your open boxes is prepared. When you pick more, its tasks show up here.
                </p>
                <a class="button go" href="{{ route('shelf') }}">To the shelf</a>
            </section>
        @endforelse
    </div>
</x-layout>

@php
    $stock = $lot->stock();
    $isInDoubt = $stock->isInDoubt;
@endphp
<section class="cut mt-4 p-5" aria-labelledby="life">
    <h2 id="life">What became of it</h2>
    <p class="mt-1 tabular">
        {{ $stock->onHand() }} on hand, {{ $stock->setAside }} set aside, {{ $stock->gone }} gone, of
        {{ $stock->pieces }}.
    </p>
    @unless ($lot->prepared->isNothing())
        <p class="mt-1">
            {{ __('gather/life.done-to-loose') }}
            {{ implode(', ', array_map(fn ($task) => __("pack/tasks.name.{$task->value}").': '.
                $lot->prepared->countOf($task), $lot->prepared->tasks())) }}.
        </p>
    @endunless
    @if ($lot->fault)<p class="mt-1">
            <b>{{ ucfirst(__("gather/life.state.{$lot->fault->value}")) }}</b>,
            {{ __("gather/life.ends.{$lot->fault_end->value}") }}.
            </p>@endif
    <x-wrong name="undo" />
    @if ($lot->due_on)
        <form method="post" action="{{ route('lots.arrive', $lot) }}" class="mt-3 flex flex-wrap items-center gap-3">
            @csrf
            <p>Ordered, due {{ $lot->due_on->format('j M Y') }}.</p>
            <button class="button small">It has arrived</button>
        </form>
    @else
        @unless ($isInDoubt)
        <div class="mt-3 grid gap-4 sm:grid-cols-2">
            <form method="post" action="{{ route('lots.lose', $lot) }}"
                class="grid grid-cols-[5rem_1fr_auto] items-end gap-2">
                @csrf
                <x-once />
                <x-field name="gone" label="Pieces" type="number" min="1" required :value="old('gone', 1)" />
                <x-field name="why" label="are gone">
                    <select class="input" id="why" name="why">
                        @foreach (['broken', 'given-away'] as $why)<option value="{{ $why }}"
                            @selected(old('why') === $why)>{{ __("gather/life.what.{$why}") }}</option>@endforeach
                    </select>
                </x-field>
                <button class="button">Save</button>
            </form>
            <form method="post" action="{{ route('lots.split', $lot) }}"
                class="grid grid-cols-[1fr_auto] items-end gap-2">
                @csrf
                <x-once />
                <x-field name="part" label="How many to split off" type="number" min="1" required
                    :value="old('part', 1)" />
                <button class="button">Split</button>
            </form>
        </div>
        @endunless
    @endif
    @include('gather.partials.fault')
    @if ($alike->isNotEmpty())
        <form method="post" action="{{ route('lots.merge', $lot) }}"
            class="mt-3 grid grid-cols-[1fr_auto] items-end gap-2 sm:max-w-md">
            @csrf
            <x-field name="with" label="Merge with">
                <select class="input" id="with" name="with">@foreach ($alike as $other)<option value="{{ $other->id }}">
                            {{ $other->name }}, {{ $other->pieces }} of {{ $other->got_on->format('j M Y') }}</option>
                            @endforeach</select>
            </x-field>
            <button class="button">Merge</button>
        </form>
    @endif
    @if ($changes->isNotEmpty())
        <ol class="mt-4">
            @foreach ($changes as $change)
                <li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t-[1.5px] border-line py-1.5">
                    <span><b>{{ __("gather/life.what.{$change->what}") }}</b>,
                        <span class="text-ink-soft">{{ implode(', ',
                            array_map(fn ($field) => __('gather/life.fields.'.$field), $change->fields())) }}{{
                            $change->fields() === [] ? '' : ';' }}
                            {{ $change->by }}, {{ $write->moment($change->created_at) }}</span></span>
                    @if ($change->undone_at)
                        <span class="text-ink-soft">undone</span>
                    @elseif ($change->canBeUndone())
                        <form method="post" action="{{ route('changes.undo', $change) }}" class="ml-auto">
                            @csrf<button class="button small">
                                Undo<span class="sr-only">: {{ __("gather/life.what.{$change->what}") }}</span>
                                </button>
                        </form>
                    @endif
                </li>
            @endforeach
        </ol>
    @endif
</section>

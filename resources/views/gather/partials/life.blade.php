@php
    $stock = $lot->stock();
    $isInDoubt = $stock->isInDoubt;
@endphp
<section class="cut mt-4 p-5" aria-labelledby="life">
    <h2 id="life">{{ __('gather/views/partials/life.what-became-of-it') }}</h2>
    <p class="mt-1 tabular">
        {{ __('gather/views/partials/life.here-on-hand-aside-set', [
            'here' => $stock->onHand(),
            'aside' => $stock->setAside,
            'gone' => $stock->gone,
            'pieces' => $stock->pieces,
        ]) }}
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
            <p>{{ __('gather/views/partials/life.ordered-due-day', ['day' => $lot->due_on->format('j M Y')]) }}</p>
            <button class="button small">{{ __('gather/views/partials/life.it-has-arrived') }}</button>
        </form>
    @else
        @unless ($isInDoubt)
        <div class="mt-3 grid gap-4 sm:grid-cols-2">
            <form method="post" action="{{ route('lots.lose', $lot) }}"
                class="grid grid-cols-[5rem_1fr_auto] items-end gap-2">
                @csrf
                <x-once />
                <x-field name="gone" :label="__('gather/views/partials/life.pieces')" type="number" min="1" required
                    :value="old('gone', 1)" />
                <x-field name="why" :label="__('gather/views/partials/life.are-gone')">
                    <select class="input" id="why" name="why">
                        @foreach (['broken', 'given-away'] as $why)<option value="{{ $why }}"
                            @selected(old('why') === $why)>{{ __("gather/life.what.{$why}") }}</option>@endforeach
                    </select>
                </x-field>
                <button class="button">{{ __('gather/views/partials/life.save') }}</button>
            </form>
            <form method="post" action="{{ route('lots.split', $lot) }}"
                class="grid grid-cols-[1fr_auto] items-end gap-2">
                @csrf
                <x-once />
                <x-field name="part" :label="__('gather/views/partials/life.how-many-to-split-off')" type="number"
                    min="1" required
                    :value="old('part', 1)" />
                <button class="button">{{ __('gather/views/partials/life.split') }}</button>
            </form>
        </div>
        @endunless
    @endif
    @include('gather.partials.fault')
    @if ($alike->isNotEmpty())
        <form method="post" action="{{ route('lots.merge', $lot) }}"
            class="mt-3 grid grid-cols-[1fr_auto] items-end gap-2 sm:max-w-md">
            @csrf
            <x-field name="with" :label="__('gather/views/partials/life.merge-with')">
                <select class="input" id="with" name="with">@foreach ($alike as $other)<option value="{{ $other->id }}">
                            {{ __('gather/views/partials/life.name-pieces-of-day', [
                                'name' => $other->name,
                                'pieces' => $other->pieces,
                                'day' => $other->got_on->format('j M Y'),
                            ]) }}</option>
                            @endforeach</select>
            </x-field>
            <button class="button">{{ __('gather/views/partials/life.merge') }}</button>
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
                        <span class="text-ink-soft">{{ __('gather/views/partials/life.undone') }}</span>
                    @elseif ($change->canBeUndone())
                        <form method="post" action="{{ route('changes.undo', $change) }}" class="ml-auto">
                            @csrf<button class="button small">
                                {{ __('gather/views/partials/life.undo') }}<span class="sr-only">: {{
                                    __("gather/life.what.{$change->what}") }}</span>
                                </button>
                        </form>
                    @endif
                </li>
            @endforeach
        </ol>
    @endif
</section>

@php($idea = $page->idea)
<x-layout :title="$idea->name.', '.__('plan/ideas.title')" station="shelf">
    <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
        <div>
            <h1>{{ $idea->name }}</h1>
            <x-swatches :palette="$idea->palette" />
            @if ($page->seed !== null)<p class="text-ink-soft">
                {{ __('plan/ideas.seed', ['name' => $page->seed->name]) }}</p>@endif
        </div>
        <div class="flex flex-wrap gap-2.5">
            <a class="button go" href="{{ route('boxes.create', ['idea' => $idea->id]) }}">
                {{ __('plan/ideas.open-box') }}</a>
            <a class="button" href="{{ route('ideas') }}">{{ __('plan/ideas.back') }}</a>
        </div>
    </div>
    <div class="grid grid-cols-1 items-start gap-3.5 wide:grid-cols-[22rem_1fr]">
        <div class="order-last grid grid-cols-1 gap-3.5 wide:order-none">
            <form method="post" action="{{ route('ideas.update', $idea) }}" class="cut grid gap-4 p-4">
                @csrf
                @method('put')
                @include('plan.partials.idea-fields', ['near' => $page->near])
                <div><button class="button go">{{ __('plan/ideas.save') }}</button></div>
            </form>
            <details>
                <summary class="link text-ink-soft">{{ __('plan/ideas.drop') }}…</summary>
                <form method="post" action="{{ route('ideas.destroy', $idea) }}" class="cut mt-2 grid gap-3 p-4">
                    @csrf
                    @method('delete')
                    <p>{{ __('plan/ideas.drop-says') }}</p>
                    <div><button class="button warn">{{ __('plan/ideas.drop') }}</button></div>
                </form>
            </details>
        </div>
        <div class="grid grid-cols-1 gap-4">
            <x-wrong name="hold" />
            <section aria-labelledby="held">
                <h2 id="held" class="pb-1.5">{{ __('plan/ideas.held') }}</h2>
                @if ($page->held === [])
                    <p>{{ __('plan/ideas.held-none') }}</p>
                @else
                    <ul class="theme-tiles">
                        @foreach ($page->held as [$tile, $thing])
                            <li @class(['theme-tile', 'is-seed' => $page->seed?->id === $tile->id])>
                                @include('plan.partials.theme-tile')
                                <form method="post" action="{{ route('ideas.let-go', $idea) }}"
                                    class="mt-auto flex flex-wrap items-center justify-between gap-2 px-2.5 pb-2.5">
                                    @csrf
                                    @method('delete')
                                    <input type="hidden" name="lot" value="{{ $tile->id }}">
                                    <span class="text-ink-soft">{{ trans_choice('plan/ideas.held-line',
                                        $thing->quantity, ['since' => $thing->since()]) }}</span>
                                    <button class="button small">{{ __('plan/ideas.let') }}<span
                                        class="sr-only">: {{ $tile->name }}</span></button>
                                </form>
                            </li>
                        @endforeach
                    </ul>
                @endif
            </section>
            @include('plan.partials.theme-would', [
                'would' => $page->would, 'action' => route('ideas.hold', $idea), 'button' => __('plan/ideas.hold'),
            ])
        </div>
    </div>
</x-layout>

<x-layout :title="__('plan/ideas.title')" station="shelf">
    <div class="mx-auto max-w-4xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div class="max-w-2xl">
                <h1>{{ __('plan/ideas.title') }}</h1>
                <p class="text-ink-soft">{{ __('plan/ideas.says') }}</p>
            </div>
            <a class="button go" href="{{ route('ideas.create') }}">{{ __('plan/ideas.new') }}</a>
        </div>
        @if ($ideas->isEmpty())
            <p class="cut p-5">{{ __('plan/ideas.none') }}</p>
        @else
            <ul class="grid gap-3 sm:grid-cols-2">
                @foreach ($ideas as $idea)
                    <li class="cut p-4">
                        <a class="link text-xl font-bold" href="{{ route('ideas.show', $idea) }}">{{ $idea->name }}</a>
                        <x-swatches :palette="$idea->palette" />
                        <p>{{ trans_choice('plan/ideas.line', $idea->things->count()) }},
                            {{ trans_choice('plan/ideas.wishes-count', count($idea->wishes)) }}</p>
                    </li>
                @endforeach
            </ul>
        @endif
    </div>
</x-layout>

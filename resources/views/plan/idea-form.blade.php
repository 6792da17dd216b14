<x-layout :title="__('plan/ideas.new')" station="shelf">
    <form method="post" action="{{ route('ideas.store') }}" data-draft="idea"
        data-draft-back="{{ __('answer.draft') }}" class="cut mx-auto grid max-w-2xl gap-4 p-5">
        @csrf
        <x-once />
        <h1>{{ __('plan/ideas.new') }}</h1>
        @if ($seed !== null)
            <input type="hidden" name="seed" value="{{ $seed->id }}">
            <p>{{ __('plan/ideas.seed', ['name' => $seed->name]) }}</p>
        @endif
        @include('plan.partials.idea-fields', ['near' => []])
        <div class="flex flex-wrap gap-3">
            <button class="button go">{{ __('plan/ideas.begin') }}</button>
            <a class="button" href="{{ route('ideas') }}">{{ __('plan/ideas.back') }}</a>
        </div>
    </form>
</x-layout>

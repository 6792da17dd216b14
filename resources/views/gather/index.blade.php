<x-layout :title="__('gather/views/index.the-stash')" station="gather">
    <x-gather-tabs on="gather" />
    <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
        <div>
            <h1>{{ __('gather/views/index.the-stash') }}</h1>
            <p class="text-ink-soft">
                {{ __('gather/views/index.everything-got-so-far-what') }}
            </p>
        </div>
        <a class="button go" href="{{ route('lots.create') }}" data-key="n">{{
            __('gather/views/index.new-in-the-stash') }}
            <kbd aria-hidden="true">N</kbd></a>
    </div>
    <form method="post" action="{{ route('write.store') }}" class="write-one no-print" id="write-one">
        @csrf
        <x-once />
        <label class="font-semibold" for="one-line">{{ __('gather/written.one') }}</label>
        <input class="input" id="one-line" name="lines" maxlength="200" autocomplete="off" data-key="w"
            placeholder="{{ __('gather/written.one-example') }}" hx-post="{{ route('write.look') }}"
            hx-trigger="input changed delay:250ms" hx-target="#one-understood" hx-select="#understood-rows"
            hx-swap="innerHTML" hx-sync="this:replace">
        <button class="button">{{ __('gather/written.one-keep') }}</button>
        <a class="link" href="{{ route('write') }}">{{ __('gather/written.more') }}</a>
        <div id="one-understood" aria-live="polite"></div>
    </form>
    @include('gather.partials.waiting')
    @fragment('drawers')
        <div id="drawers" hx-sync:inherited="#drawers:replace">
            @if ($lots->total() === 0 && ! $question->asksForSome())
                @include('gather.partials.empty')
            @else
                @include('gather.partials.drawers')
                @include('gather.partials.ask')
                @include('gather.partials.lots')
            @endif
        </div>
    @endfragment
</x-layout>

@props(['code', 'title'])

<x-layout :$title>
    <section class="cut mx-auto mt-10 flex max-w-2xl flex-wrap items-center gap-6 p-8">
        <x-mark class="h-24 w-28 shrink-0" />
        <div class="min-w-0 flex-1 basis-72">
            <p class="figure text-ink-soft">{{ $code }}</p>
            <h1>{{ $title }}</h1>
            <p class="mt-2">{{ $slot }}</p>
            <a class="button go mt-5" href="/">{{ __('components/error-page.back-to-the-table') }}</a>
        </div>
    </section>
</x-layout>

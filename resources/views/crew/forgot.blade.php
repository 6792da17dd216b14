<x-layout :title="__('crew/people.forgot')">
    <form method="post" action="{{ route('forgot') }}" class="cut mx-auto mt-6 grid max-w-lg gap-4 p-6">
        @csrf
        <div>
            <h1>{{ __('crew/people.forgot') }}</h1>
            <p class="text-ink-soft">{{ __('crew/people.forgot-says') }}</p>
        </div>
        <x-field name="email" :label="__('crew/people.email')" type="email" required maxlength="300"
            :value="old('email')" autocomplete="username" />
        <div class="flex flex-wrap items-center gap-4">
            <button class="button go">{{ __('crew/people.forgot-go') }}</button>
            @if ($hasMailbox)<a class="link" href="{{ route('mailbox') }}">{{ __('crew/people.mailbox') }}</a>@endif
        </div>
    </form>
</x-layout>

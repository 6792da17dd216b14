<x-layout :title="__('crew/people.new-password')">
    <form method="post" action="{{ route('new-password.choose', $token) }}"
        class="cut mx-auto mt-6 grid max-w-lg gap-4 p-6">
        @csrf
        <h1>{{ __('crew/people.new-password') }}</h1>
        <x-field name="email" :label="__('crew/people.email')" type="email" required maxlength="300"
            :value="old('email', $email)" autocomplete="username" />
        <x-field name="password" :label="__('crew/people.new-password')" type="password" required
            autocomplete="new-password" />
        <div><button class="button go">{{ __('crew/people.save') }}</button></div>
    </form>
</x-layout>

<x-layout :title="__('crew/views/sign-in.sign-in')">
    <form method="post" action="{{ route('sign-in') }}" class="cut mx-auto mt-6 grid max-w-lg gap-4 p-6">
        @csrf
        <h1>{{ __('crew/views/sign-in.sign-in') }}</h1>
        <x-field name="email" :label="__('crew/views/sign-in.e-mail')" type="email" required maxlength="300"
            :value="old('email')"
            autocomplete="username" :autofocus="old('email') === null" />
        <x-field name="password" :label="__('crew/views/sign-in.password')" type="password" required
            autocomplete="current-password" :autofocus="old('email') !== null" />
        <label class="flex items-center gap-2">
            <input type="checkbox" name="remember" value="1"> {{ __('crew/views/sign-in.keep-me-signed-in-on') }}
        </label>
        <div class="flex flex-wrap items-center gap-4">
            <button class="button go">{{ __('crew/views/sign-in.sign-in') }}</button>
            <a class="link" href="{{ route('forgot') }}">{{ __('crew/people.forgot') }}</a>
            <a class="link" href="{{ route('register') }}">{{ __('crew/views/sign-in.start-a-crew-instead') }}</a>
        </div>
    </form>
</x-layout>

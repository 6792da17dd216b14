<x-layout title="Sign in">
    <form method="post" action="{{ route('sign-in') }}" class="cut mx-auto mt-6 grid max-w-lg gap-4 p-6">
        @csrf
        <h1>Sign in</h1>
        <x-field name="email" label="E-mail" type="email" required maxlength="300" :value="old('email')"
            autocomplete="username" />
        <x-field name="password" label="Password" type="password" required autocomplete="current-password" />
        <label class="flex items-center gap-2">
            <input type="checkbox" name="remember" value="1"> Keep me signed in on this device
        </label>
        <div class="flex flex-wrap items-center gap-4">
            <button class="button go">Sign in</button>
            <a class="link" href="{{ route('forgot') }}">{{ __('crew/people.forgot') }}</a>
            <a class="link" href="{{ route('register') }}">Start a crew instead</a>
        </div>
    </form>
</x-layout>

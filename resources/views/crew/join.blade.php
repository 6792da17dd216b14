@if ($crew === null)
    <x-layout :title="__('crew/people.ended')">
        <section class="cut mx-auto mt-6 max-w-lg p-6">
            <h1>{{ __('crew/people.ended') }}</h1>
            <p>{{ __('crew/people.ended-says') }}</p>
        </section>
    </x-layout>
@else
    <x-layout :title="__('crew/people.join', ['crew' => $crew->name])">
        <form method="post" action="{{ route('join', $token) }}" class="cut mx-auto mt-6 grid max-w-lg gap-4 p-6">
            @csrf
            <div>
                <h1>{{ __('crew/people.join', ['crew' => $crew->name]) }}</h1>
                <p class="text-ink-soft">{{ __('crew/people.join-says') }}</p>
            </div>
            <x-field name="name" :label="__('crew/people.name')" required maxlength="200" :value="old('name')"
                autocomplete="name" />
            <x-field name="email" :label="__('crew/people.email')" type="email" required maxlength="300"
                :value="old('email')" autocomplete="email" />
            <x-field name="password" :label="__('crew/views/join.password')"
                :hint="__('crew/views/join.at-least-10-characters')" type="password" required
                autocomplete="new-password" />
            <div><button class="button go">{{ __('crew/people.join-go') }}</button></div>
        </form>
    </x-layout>
@endif

<x-layout :title="__('crew/people.account')">
    <div class="mx-auto grid max-w-xl gap-3.5">
        <form method="post" action="{{ route('account') }}" class="cut grid gap-4 p-5">
            @csrf
            @method('put')
            <h1>{{ __('crew/people.account') }}</h1>
            <x-field name="name" :label="__('crew/people.name')" required maxlength="200"
                :value="old('name', $me->name)" autocomplete="name" />
            <x-field name="email" :label="__('crew/people.email')" type="email" required maxlength="300"
                :value="old('email', $me->email)" autocomplete="email" />
            <x-field name="password" :label="__('crew/people.new-password')" :hint="__('crew/people.new-password-hint')"
                type="password" autocomplete="new-password" />
            <x-field name="now" :label="__('crew/people.now')" type="password" required
                autocomplete="current-password" />
            <div><button class="button go">{{ __('crew/people.save') }}</button></div>
        </form>
        <section class="cut grid gap-3 p-5" aria-labelledby="signed-in">
            <h2 id="signed-in">{{ __('crew/people.signed-in') }}</h2>
            <p class="text-ink-soft">{{ __('crew/people.signed-in-says') }}</p>
            <ul class="grid gap-2">
                @foreach ($signIns as $signIn)
                    <li class="flex flex-wrap items-center justify-between gap-3 border-t-[1.5px] border-line pt-2">
                        <span>
                            <b>{{ __("crew/people.devices.{$signIn->device}") }}</b>@if ($signIn->id === $here)<span>,
                                {{ __('crew/people.this-one') }}</span>@endif
                            <span class="block text-ink-soft tabular">{{ __('crew/people.signed-in-since', [
                                'since' => $write->moment($signIn->created_at),
                                'seen' => $write->moment($signIn->seen_at),
                            ]) }}</span>
                        </span>
                        @if ($signIn->id !== $here)
                            <form method="post" action="{{ route('sign-ins.end', $signIn) }}">
                                @csrf
                                @method('delete')
                                <button class="button small">{{ __('crew/people.sign-out-there') }}</button>
                            </form>
                        @endif
                    </li>
                @endforeach
            </ul>
            @if ($signIns->count() > 1)
                <form method="post" action="{{ route('sign-ins.end-others') }}">
                    @csrf
                    @method('delete')
                    <button class="button">{{ __('crew/people.sign-out-elsewhere') }}</button>
                </form>
            @endif
        </section>
        <details class="cut p-5" @if ($errors->has('leave_now')) open @endif>
            <summary class="link">{{ __('crew/people.leave') }}</summary>
            <form method="post" action="{{ route('account.leave') }}" class="mt-3 grid gap-3">
                @csrf
                @method('delete')
                <p>{{ __('crew/people.leave-says') }}</p>
                <input hidden autocomplete="username" value="{{ $me->email }}">
                <x-field name="leave_now" :label="__('crew/people.now')" type="password" required
                    autocomplete="current-password" />
                <div><button class="button">{{ __('crew/people.leave-go') }}</button></div>
            </form>
        </details>
    </div>
</x-layout>

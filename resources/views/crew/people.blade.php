<x-layout :title="__('crew/people.title')">
    <div class="mx-auto grid max-w-3xl gap-3.5">
        <div>
            <h1>{{ __('crew/people.title') }}</h1>
            <p class="text-ink-soft">{{ __('crew/people.lead') }} {{ __('crew/people.keepers') }}</p>
        </div>
        @if ($errors->has('people'))<p class="wrong" role="alert">{{ $errors->first('people') }}</p>@endif
        @if (session('link') !== null)
            <section class="cut grid gap-2 p-4" aria-label="{{ __('crew/people.link') }}">
                <label class="font-semibold" for="link">{{ __('crew/people.link') }}</label>
                <input class="input" id="link" value="{{ session('link') }}" readonly>
            </section>
        @endif
        <ul class="cut px-4 py-1" id="people">
            @foreach ($people as $person)
                <li class="flex flex-wrap items-center gap-x-3 gap-y-2 border-t-[1.5px] border-line py-2.5
                    first:border-t-0">
                    <span class="grow"><b>{{ $person->name }}</b>@if ($person->is($me)) ({{ __('crew/people.you')
                        }})@endif, {{ __("crew/people.roles.{$person->role}") }}<span
                        class="block text-sm text-ink-soft">{{ $person->email }}</span></span>
                    @can('update', $person)
                        @php($other = $person->isKeeper() ? 'member' : 'keeper')
                        <form method="post" action="{{ route('people.role', $person) }}">
                            @csrf
                            @method('put')
                            <button class="button small" name="role" value="{{ $other }}">
                                {{ __("crew/people.make.{$other}") }}<span class="sr-only">: {{ $person->name }}</span>
                            </button>
                        </form>
                        @unless ($person->is($me))
                            <form method="post" action="{{ route('people.remove', $person) }}">
                                @csrf
                                @method('delete')
                                <button class="button small">{{ __('crew/people.remove') }}<span
                                    class="sr-only">: {{ $person->name }}</span></button>
                            </form>
                        @endunless
                    @endcan
                </li>
            @endforeach
        </ul>
        @if ($me->isKeeper())
            <section class="cut grid gap-3 p-4" aria-labelledby="invite">
                <div>
                    <h2 id="invite">{{ __('crew/people.invite') }}</h2>
                    <p class="text-ink-soft">{{ __('crew/people.invite-says') }}</p>
                </div>
                <form method="post" action="{{ route('people.invite') }}" class="flex flex-wrap items-end gap-3">
                    @csrf
                    <x-field name="role" :label="__('crew/people.invite-as')" class="w-48">
                        <select class="input" id="role" name="role">
                            <option value="member">{{ __('crew/people.roles.member') }}</option>
                            <option value="keeper">{{ __('crew/people.roles.keeper') }}</option>
                        </select>
                    </x-field>
                    <button class="button go">{{ __('crew/people.invite-make') }}</button>
                </form>
                @foreach ($invites as $invite)
                    <form method="post" action="{{ route('people.take-back', $invite) }}"
                        class="flex flex-wrap items-center gap-3 border-t-[1.5px] border-line pt-2">
                        @csrf
                        @method('delete')
                        <span class="grow">{{ __('crew/people.open-one', [
                            'role' => __("crew/people.roles.{$invite->role}"), 'by' => $invite->by,
                            'day' => $invite->ends_at->format('j M Y'),
                        ]) }}</span>
                        <button class="button small">{{ __('crew/people.take-back') }}</button>
                    </form>
                @endforeach
            </section>
            <section class="cut grid gap-3 p-4" aria-labelledby="helper">
                <div>
                    <h2 id="helper">{{ __('crew/people.helper') }}</h2>
                    <p class="text-ink-soft">{{ __('crew/people.helper-says') }}</p>
                </div>
                <form method="post" action="{{ route('people.helper') }}" class="flex flex-wrap gap-3">
                    @csrf
                    @foreach (__('crew/people.shows') as $shows => $name)
                        <button class="button" name="shows" value="{{ $shows }}">{{ $name }}</button>
                    @endforeach
                </form>
                @foreach ($links as $link)
                    <form method="post" action="{{ route('people.revoke', $link) }}"
                        class="flex flex-wrap items-center gap-3 border-t-[1.5px] border-line pt-2">
                        @csrf
                        @method('delete')
                        <span class="grow">{{ __('crew/people.helper-one', [
                            'list' => __("crew/people.shows.{$link->shows}"), 'by' => $link->by,
                            'day' => $link->created_at->format('j M Y'),
                        ]) }}</span>
                        <button class="button small">{{ __('crew/people.revoke') }}</button>
                    </form>
                @endforeach
            </section>
            <section class="cut grid gap-3 p-4" aria-labelledby="archive">
                <div>
                    <h2 id="archive">{{ __('crew/people.archive') }}</h2>
                    <p class="text-ink-soft">{{ __('crew/people.archive-says') }}</p>
                </div>
                <p><a class="button" href="{{ route('archive') }}">{{ __('crew/people.archive-get') }}</a></p>
                <x-wrong name="archive" />
                @if ($isEmpty)
                    <form method="post" action="{{ route('archive.read') }}" enctype="multipart/form-data"
                        class="flex flex-wrap items-end gap-3 border-t-[1.5px] border-line pt-2">
                        @csrf
                        <x-field name="archive" id="archive-file" :label="__('crew/people.archive-in')"
                            :hint="__('crew/people.archive-in-says')" type="file" accept=".zip" required />
                        <button class="button">{{ __('crew/people.archive-take') }}</button>
                    </form>
                @endif
            </section>
            <details class="cut p-4" @if ($errors->has('crew')) open @endif>
                <summary class="link">{{ __('crew/people.dissolve') }}</summary>
                <form method="post" action="{{ route('people.dissolve') }}" class="mt-3 grid max-w-md gap-3">
                    @csrf
                    @method('delete')
                    <p>{{ __('crew/people.dissolve-says') }}</p>
                    <x-field name="crew" :label="__('crew/people.dissolve-name')" autocomplete="off" required />
                    <div><button class="button">{{ __('crew/people.dissolve-go') }}</button></div>
                </form>
            </details>
        @endif
    </div>
</x-layout>

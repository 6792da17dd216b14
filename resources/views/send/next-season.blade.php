<x-layout :title="__('send/next-season.title', ['year' => $next->year])" station="send">
    <div class="mx-auto max-w-3xl">
        <x-send-tabs on="season" />
        <h1>{{ __('send/next-season.title', ['year' => $next->year]) }}</h1>
        <x-wrong name="season" />
        @if ($next->started)
            <p class="cut mt-3 p-5">{{ __('send/next-season.already', ['year' => $next->year, 'day' =>
                $next->started->started_on->format('j M Y'), 'name' => $next->started->by]) }}
                <a class="link" href="{{ route('season') }}">{{ __('send/next-season.back') }}</a></p>
        @else
            <p class="pb-3 text-ink-soft">{{ __('send/next-season.says') }}</p>
            <form method="post" action="{{ route('season.start') }}" class="cut grid gap-5 p-5">
                @csrf
                <fieldset>
                    <legend class="text-xl font-bold">{{ __('send/next-season.goals') }}</legend>
                    <div class="flex flex-wrap gap-5 pt-1">
                        @foreach ($next->goals as $band => $goal)
                            <x-field class="w-44" name="goals[{{ $band }}]" id="goal-{{ $band }}" type="number" min="0"
                                max="5000" inputmode="numeric" :label="__('send/next-season.goal', ['band' =>
                                str_replace('-', '–', $band)])" :value="old('goals.'.$band, $goal)"
                                :hint="trans_choice('send/next-season.handed-in', $next->handedIn[$band] ?? 0)"
                                :wrong="$errors->first('goals.'.$band)" />
                        @endforeach
                    </div>
                </fieldset>
                <x-field class="max-w-60" name="budget" :label="__('send/next-season.budget').', '.$currency->code"
                    :hint="__('send/next-season.budget-hint')" inputmode="decimal" autocomplete="off"
                    :value="old('budget', $next->budget?->typed())" />
                <fieldset>
                    <legend class="text-xl font-bold">{{ __('send/next-season.guide') }}</legend>
                    <label class="flex gap-2.5 py-1"><input type="radio" name="copy_guide" value="1" class="mt-1.5"
                        @checked(old('copy_guide', '1') === '1')>
                        {{ __('send/next-season.guide-copy', ['year' => $next->year]) }}</label>
                    <label class="flex gap-2.5 py-1"><input type="radio" name="copy_guide" value="0" class="mt-1.5"
                        @checked(old('copy_guide', '1') === '0')>
                        {{ __('send/next-season.guide-keep', ['season' => $guide->edition->season]) }}</label>
                </fieldset>
                <fieldset>
                    <legend class="text-xl font-bold">{{ __('send/next-season.targets') }}</legend>
                    @if ($next->moves === [])
                        <p>{{ __('send/next-season.targets-none') }}</p>
                    @else
                        @php($ticked = $errors->any() ? (array) old('targets')
                            : array_column(array_column($next->moves, 'move'), 'kind'))
                        <p class="text-ink-soft">{{ __('send/next-season.targets-says') }}</p>
                        @foreach ($next->moves as $one)
                            <label class="flex gap-2.5 border-t-[1.5px] border-line py-1.5 first-of-type:border-t-0">
                                <input type="checkbox" name="targets[]" value="{{ $one['move']->kind }}" class="mt-1.5"
                                    @checked(in_array($one['move']->kind, $ticked, true))>
                                <span><b>{{ $one['name'] }}</b>: {{ __('send/next-season.target', ['was' =>
                                    $one['move']->was->each()->format(), 'paid' => $one['move']->paid->format(), 'to' =>
                                    $one['move']->to->format()]) }}</span>
                            </label>
                        @endforeach
                    @endif
                </fieldset>
                <section aria-labelledby="stays">
                    <h2 id="stays">{{ __('send/next-season.stays') }}</h2>
                    <ul class="list-disc pl-5">
                        <li>{{ trans_choice('send/next-season.left', $next->left) }}</li>
                        <li>{{ trans_choice('send/next-season.open', $next->open) }}</li>
                        <li>{{ __('send/next-season.habits') }}</li>
                        <li>{{ __('send/next-season.log') }}</li>
                    </ul>
                </section>
                <div class="flex flex-wrap gap-2.5">
                    <button class="button go">{{ __('send/next-season.begin', ['year' => $next->year]) }}</button>
                    <a class="button" href="{{ route('season') }}">{{ __('send/next-season.back') }}</a>
                </div>
            </form>
        @endif
    </div>
</x-layout>

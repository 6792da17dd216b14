@php($line = $path->line)
<x-layout :title="__('send/path.title', ['theme' => $line->theme])" station="send">
    <div class="mx-auto max-w-5xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div>
                <h1>{{ __('send/path.title', ['theme' => $line->theme]) }}</h1>
                <p class="text-ink-soft">{{ __('send/path.for', ['code' => $line->code()->text, 'who' =>
                    __("people.{$line->gender->value}"), 'band' => str_replace('-', '–', $line->band)]) }}</p>
            </div>
            <div class="flex flex-wrap gap-2.5">
                <a class="button" href="{{ route('boxes.show', $line->box_id) }}">{{ __('send/path.box') }}</a>
                <a class="button" href="{{ route('boxes.like', $line->box_id) }}">{{ __('plan/like.link') }}</a>
                <a class="button" href="{{ route('log') }}">{{ __('send/path.back') }}</a>
            </div>
        </div>
        <div class="grid grid-cols-1 items-start gap-3.5 wide:grid-cols-[1.3fr_1fr]">
            <div class="grid grid-cols-1 gap-3.5">
                <ol class="cut time-line px-5 py-3" aria-label="{{ __('send/path.title', ['theme' => $line->theme]) }}">
                    @foreach ($path->steps as $step)
                        <li @class(['is-sent' => $step['isSent']])>
                            <b class="figure">{{ $step['day']->format('j M Y') }}</b>
                            <span>{{ $step['says'] }}</span>
                        </li>
                    @endforeach
                </ol>
                @if ($line->docket)
                    <div class="cut px-5 py-3">@include('send.partials.track', ['track' => $line->track])</div>
                @endif
            </div>
            <div class="grid grid-cols-1 gap-3.5">
                <section class="cut px-5 py-3" aria-labelledby="in-it">
                    <h2 id="in-it">{{ __('send/path.in-it') }}</h2>
                    <ul>
                        @foreach ($line->pieces as $piece)
                            <li class="border-t-[1.5px] border-line py-1 first:border-t-0">{{ trans_choice($piece->giver
                                === null ? 'send/log.piece' : 'send/log.piece-from', $piece->quantity, ['name' =>
                                $piece->name, 'giver' => $piece->giver]) }}</li>
                        @endforeach
                    </ul>
                </section>
                <form method="post" action="{{ route('log.keep', $line) }}" class="cut grid gap-3 px-5 py-4">
                    @csrf
                    @method('put')
                    <x-field name="docket" :label="__('send/path.docket-field')" :value="old('docket', $line->docket)"
                        maxlength="40" autocomplete="off" autocapitalize="characters" />
                    @if ($line->track?->story()->country())
                        <p class="text-ink-soft">{{ __('send/path.told') }}</p>
                    @else
                        <div>
                            <label class="font-semibold" for="country">{{ __('send/path.country') }}</label>
                            <p class="hint" id="country-hint">{{ __('send/path.country-hint') }}</p>
                            <select class="input" id="country" name="country" aria-describedby="country-hint">
                                <option value="">{{ __('send/path.country-unknown') }}</option>
                                @foreach ($countries as $letters => $name)<option value="{{ $letters }}"
                                    @selected($letters === old('country', $line->country))>{{ $name }}</option>
                                @endforeach
                            </select>
                            <x-wrong name="country" />
                        </div>
                    @endif
                    <div><button class="button">{{ __('send/path.save') }}</button></div>
                </form>
            </div>
        </div>
    </div>
</x-layout>

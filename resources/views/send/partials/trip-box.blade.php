@php
    $state = $line ? 'handed-in' : ($box->stage->isOpen() ? 'open' : 'packed');
    $field = "dockets.{$box->id}";
@endphp
<li class="grid gap-x-4 gap-y-1.5 border-t-[1.5px] border-line py-3 first:border-t-0 sm:grid-cols-[1fr_15rem]">
    <div class="min-w-0">
        <h3><b class="figure">{{ $box->code()->text }}</b>
            <a class="link" href="{{ route('boxes.show', $box) }}">{{ $box->theme }}</a></h3>
        <p class="text-ink-soft">{{ __("people.{$box->gender->value}") }}, {{ $box->recipient()->band->label() }},
            {{ __("send/trips.state.{$state}") }}</p>
        @if ($lacks !== [])
            <p>{{ __('send/trips.lacks', ['what' => implode(', ', array_map(fn ($deed) =>
                __("send/trips.deeds.{$deed->value}"), $lacks))]) }}</p>
        @endif
    </div>
    @if ($state !== 'open')
        <div>
            <label class="font-semibold" for="docket-{{ $box->id }}">{{ __('send/trips.docket') }}<span
                class="sr-only">: {{ $box->code()->text }}</span></label>
            <input class="input" id="docket-{{ $box->id }}" name="dockets[{{ $box->id }}]" maxlength="40"
                value="{{ old($field, $line?->docket) }}" autocomplete="off" autocapitalize="characters" data-docket
                @error($field) aria-invalid="true" aria-describedby="docket-{{ $box->id }}-wrong" @enderror>
            @error($field)<p class="wrong" id="docket-{{ $box->id }}-wrong">{{ $message }}</p>@enderror
        </div>
    @endif
    @if ($line?->docket)
        <div class="sm:col-span-2">@include('send.partials.track', ['track' => $line->track])</div>
    @endif
</li>

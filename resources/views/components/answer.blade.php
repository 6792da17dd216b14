{{-- The one place where everything is said; always in view. What the page itself has to say stands in it already. --}}
@php
    $wrong = collect(isset($errors) ? $errors->getBags() : [])->sum(fn ($bag) => $bag->count());
    // What is wrong with no field, but with what was asked for: there is no other place where that could stand.
    $refused = collect(['box', 'stage', 'undo', 'meanwhile', 'lot'])->map(fn ($name) => isset($errors)
        ? $errors->first($name) : '')->first(fn ($why) => $why !== '');
    $said = session('said', '');
    $undo = session('undo', '');
@endphp
<div id="answer" class="answer no-print" data-shows="{{ $wrong > 0 ? 'failed' : ($said !== '' ? 'said' : '') }}">
    <p id="failed" role="alert"
        @foreach (['gone', 'stale', 'often', 'unreachable', 'busy', 'full', 'large', 'other'] as $reason)
        data-{{ $reason }}="{{ __("answer.{$reason}") }}"
        @endforeach>{{ $refused ?? ($wrong > 0 ? trans_choice('answer.wrong', $wrong) : '') }}</p>
    <p id="said" role="status">{{ $wrong > 0 ? '' : $said }}</p>
    <form method="post" action="{{ $undo }}" id="undo-form" @if ($undo === '' || $wrong > 0) hidden @endif>
        @csrf
        <button class="button small">{{ __('answer.undo') }}</button>
    </form>
    <button type="button" class="icon-button" id="answer-away" title="{{ __('answer.away') }}">
        <span class="sr-only">{{ __('answer.away') }}</span><svg class="drawn" width="16" height="16"
            viewBox="0 0 16 16"
            aria-hidden="true"><path d="m3 3.4 10 9.4M12.8 3 3.2 13" fill="none" stroke="currentColor"
                stroke-width="1.8" /></svg>
    </button>
</div>

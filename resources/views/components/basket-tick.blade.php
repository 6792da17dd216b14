@props(['action', 'kind', 'isInBasket', 'name' => null])

{{-- One tap: whether somebody has it in the basket. --}}
<form method="post" action="{{ $action }}" @class(['basket flex items-center gap-2', 'is-in-basket' => $isInBasket])
    @if ($name === null) data-basket data-token="{{ route('pocket.token') }}"
        data-in="{{ __('crew/people.in-basket') }}" data-back="{{ __('crew/people.put-back') }}" @endif>
    @csrf
    <input type="hidden" name="kind" value="{{ $kind->id }}">
    @if ($name !== null && ! $isInBasket)
        <label class="sr-only" for="name-{{ $kind->id }}">{{ __('crew/people.helper-name') }}</label>
        <input class="input small w-28" id="name-{{ $kind->id }}" name="name" value="{{ $name }}" maxlength="40"
            placeholder="{{ __('crew/people.helper-name') }}" autocomplete="given-name">
    @endif
    <button class="button small" name="in_basket" value="{{ $isInBasket ? 0 : 1 }}">
{{ __($isInBasket ? 'crew/people.put-back' : 'crew/people.in-basket') }}<span
            class="sr-only">: {{ $kind->name }}</span></button>
</form>

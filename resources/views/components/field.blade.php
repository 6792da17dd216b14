@props(['name', 'label', 'hint' => null, 'bag' => 'default', 'id' => null, 'value' => null, 'wrong' => null])

@php
    $id ??= str_replace('.', '-', $name);
    $wrong ??= $errors->getBag($bag)->first($name);
@endphp

<div {{ $attributes->only('class') }}>
    <label for="{{ $id }}" class="font-semibold">{{ $label }}</label>
    @if ($hint)
        <p id="{{ $id }}-hint" class="hint">{{ $hint }}</p>
    @endif
    @if ($slot->isNotEmpty())
        {{ $slot }}
    @else
        <input class="input" id="{{ $id }}" name="{{ $name }}" value="{{ is_scalar($value) ? $value : '' }}"
            {{ $attributes->except('class') }}
            @if ($wrong !== '') aria-invalid="true" @endif
            @if ($wrong !== '' || $hint)
            aria-describedby="{{ trim(($wrong !== '' ? "{$id}-wrong " : '').($hint ? "{$id}-hint" : '')) }}" @endif>
    @endif
    @if ($wrong !== '')
        <p class="wrong" id="{{ $id }}-wrong">{{ $wrong }}</p>
    @endif
</div>

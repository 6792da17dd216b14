@props(['kind' => null, 'id' => 'kind', 'name' => 'kind', 'typed' => ''])

{{-- A kind by what people call it; the browser offers the names that we know. --}}
<input class="input" id="{{ $id }}" name="{{ $name }}" list="kind-names" maxlength="80" autocomplete="off"
    value="{{ $kind?->name ?? $typed }}" placeholder="{{ __('gather/kinds.type') }}" {{ $attributes }}>
@once
    <datalist id="kind-names">
        @foreach ($choices->kindNames() as $known)
            <option value="{{ $known[0] }}">{{ implode(', ', array_slice($known, 1, 3)) }}</option>
        @endforeach
    </datalist>
@endonce

@props(['kind' => null, 'id' => 'kind', 'name' => 'kind', 'typed' => ''])

{{-- A kind by what people call it; without scripts the browser offers the names that we know. --}}
<span class="kinds">
    <input class="input" id="{{ $id }}" name="{{ $name }}" list="kind-names" maxlength="80" autocomplete="off"
        value="{{ $kind?->name ?? $typed }}" placeholder="{{ __('gather/kinds.type') }}" {{ $attributes }}>
    <ul id="{{ $id }}-kinds" role="listbox" aria-label="{{ __('gather/kinds.found') }}" hx-morph-skip
        hidden></ul>
</span>
@once
    <datalist id="kind-names">
        @foreach ($choices->kindNames() as $kindId => [$known, $also])
            <option value="{{ $known }}" data-id="{{ $kindId }}" data-also="{{ json_encode($also) }}">{{
                implode(', ', array_slice($also, 0, 2)) }}</option>
        @endforeach
    </datalist>
@endonce

@props(['kind', 'empty', 'id' => 'kind'])

<select class="input" id="{{ $id }}" name="kind" {{ $attributes }}>
    <option value="">{{ $empty }}</option>
    @if ($kind !== null && ! $choices->has($kind))<option
        value="{{ $kind->id }}" selected>{{ $kind->name }}</option>@endif
    @foreach ($choices->lanes as $lane)
        <optgroup label="{{ __("lanes.{$lane->value}") }}">
            @foreach ($choices->kindsOf($lane) as $one)
                <option value="{{ $one->id }}" @selected($kind?->id === $one->id)>{{ $one->name }}</option>
            @endforeach
        </optgroup>
    @endforeach
</select>

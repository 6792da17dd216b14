@props(['kind', 'empty', 'id' => 'kind'])

<select class="input" id="{{ $id }}" name="kind" {{ $attributes }}>
    <option value="">{{ $empty }}</option>
    @if ($kind !== null && ! resolve(PluckyWren\Core\Stash\Catalogue::class)->has($kind->id))<option
        value="{{ $kind->id }}" selected>{{ $kind->name }}</option>@endif
    @foreach (PluckyWren\Core\Stash\Category::cases() as $lane)
        <optgroup label="{{ __("lanes.{$lane->value}") }}">
            @foreach (resolve(PluckyWren\Core\Stash\Catalogue::class)->ofCategory($lane) as $one)
                <option value="{{ $one->id }}" @selected($kind?->id === $one->id)>{{ $one->name }}</option>
            @endforeach
        </optgroup>
    @endforeach
</select>

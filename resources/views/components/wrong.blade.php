@props(['name', 'bag' => 'default', 'id' => null])

@if ($errors->getBag($bag)->has($name))
    <p class="wrong" id="{{ $id ?? str_replace('.', '-', $name) }}-wrong">{{ $errors->getBag($bag)->first($name) }}</p>
@endif

{{-- What the picker shows goes along with every change, so that it shows the same afterwards. --}}
@csrf
<x-once />
@foreach ($state->query() as $name => $value)
    @unless (in_array($name, $except ?? [], true))
        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
    @endunless
@endforeach

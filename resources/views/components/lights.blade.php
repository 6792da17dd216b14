@props(['scheme', 'button' => 'button'])

{{-- Which light this browser shows the pages in; the legend is what the slot says. --}}
<form method="post" action="{{ route('scheme') }}" {{ $attributes }}>
    @csrf
    <fieldset>
        {{ $slot }}
        <div class="flex flex-wrap gap-2">
            @foreach (__('components/lights') as $value => $name)
                <button class="{{ $button }}" name="scheme" value="{{ $value }}"
                    aria-pressed="{{ $scheme === $value ? 'true' : 'false' }}">
                    {{ $name }}@if ($scheme === $value) ✓@endif
                </button>
            @endforeach
        </div>
    </fieldset>
</form>

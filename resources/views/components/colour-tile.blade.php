@props(['hex', 'name', 'checked' => false])

<label class="colour-tile">
    <input type="checkbox" name="colours[]" value="{{ $hex }}" @checked($checked)>
    <svg class="drawn size-6" viewBox="0 0 20 20" aria-hidden="true"><path class="pen-line"
        d="M4 1.5 16 1.2Q19 1.5 18.7 4L18.9 15.5Q18.5 18.9 15.5 18.7L4.5 18.9Q1.2 18.5 1.3 15.5L1.1 4.5Q1.5 1.5 4 1.5Z"
        fill="{{ $hex }}" /></svg>
    <span>{{ $name }}</span>
</label>

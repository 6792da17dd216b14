@props(['box'])

{{-- The lid from above, in the box's own colours, with its label band. --}}
@php($colours = array_column($box->palette->colours, 'hex'))
<svg {{ $attributes->class('drawn') }} viewBox="0 0 332 212" aria-hidden="true" focusable="false">
    <path class="lid {{ $colours === [] ? 'lid-plain' : '' }}" @if ($colours !== []) fill="{{ $colours[0] }}" @endif
        d="M7 5.5 325 4l3 4.5 1.5 196-4 3.5L8 207.5 4 204 3 9z" />
    @if (isset($colours[1]))
        <path class="lid" fill="{{ $colours[1] }}" d="m166 34 12 26 28 3-21 19 6 28-25-14-25 14 6-28-21-19 28-3z" />
    @endif
    @foreach (array_slice($colours, 2, 4) as $colour)
        <circle class="lid" fill="{{ $colour }}" cx="{{ 40 + 84 * $loop->index }}" cy="{{ $loop->odd ? 34 : 96 }}"
            r="11" />
    @endforeach
    <path class="tag" d="M70 132h192v56H70l16-28z" />
    <text class="tag-words" text-anchor="middle" x="172" y="169">{{ __("people.{$box->gender->value}") }}
        {{ $box->recipient()->band->label() }}</text>
</svg>

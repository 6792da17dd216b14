@props(['difference'])

{{-- What a receipt says beyond its lines; nothing where it says nothing. --}}
@if ($difference !== null)
    <p @class(['said', 'wrong' => ! $difference->isZero()]) role="status">
        {{ $difference->isZero() ? __('gather/quick.agrees')
            : ($difference->minor > 0 ? __('gather/quick.more', ['difference' => $difference->format()]) :
            __('gather/quick.less', ['difference' => substr($difference->format(), 1)])) }}
    </p>
@endif

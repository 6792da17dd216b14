<h1 class="bench-name">{{ __('pack/bench.all-in') }}</h1>
<p class="bench-text">{{ __('pack/bench.press') }}</p>
<p class="mt-2 text-ink-soft">{{ __('pack/bench.foretold', ['closes' => $bench->closesSoFar()]) }}</p>
<form method="post" action="{{ route('bench.closed', $box) }}" class="mt-4 flex flex-wrap gap-3">
    @csrf
    @method('put')
    @foreach (['flat', 'snug', 'tight', 'open'] as $closed)
        <button class="button bench-button" name="closed" value="{{ $closed }}"
            aria-pressed="{{ $bench->bench->closed === $closed ? 'true' : 'false' }}">
            {{ __("pack/bench.closed.{$closed}") }}
            @if ($bench->bench->closed === $closed) ✓ @endif</button>
    @endforeach
</form>
@if ($bench->bench->closed !== null)
    <p class="mt-4"><a class="button go bench-button" data-key=" "
        href="{{ route('boxes.closing', $box) }}">{{ __('pack/bench.to-closing') }} <kbd
            aria-hidden="true">Space</kbd></a></p>
@endif

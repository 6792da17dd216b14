<h1 class="bench-name">{{ __('pack/bench.all-in') }}</h1>
<p class="bench-text">{{ __('pack/bench.press') }}</p>
<p class="mt-2 text-ink-soft">{{ __('pack/bench.foretold', ['closes' => $bench->closesSoFar()]) }}</p>
<form method="post" action="{{ route('bench.closed', $box) }}" class="mt-4 grid gap-3">
    @csrf
    @method('put')
    <div class="flex flex-wrap items-end gap-3">
        <x-field class="w-60" name="proud" :label="__('pack/bench.proud')" type="number" min="0" max="300"
            :value="old('proud', $bench->bench->proud_mm)" />
        <x-field class="min-w-60 grow" name="remark" :label="__('pack/bench.remark')" maxlength="200"
            autocomplete="off" :value="old('remark', $bench->bench->remark)" />
    </div>
    <div class="flex flex-wrap gap-3">
        @foreach (['flat', 'snug', 'tight', 'open'] as $closed)
            <button class="button bench-button" name="closed" value="{{ $closed }}"
                aria-pressed="{{ $bench->bench->closed === $closed ? 'true' : 'false' }}">
                {{ __("pack/bench.closed.{$closed}") }}
                @if ($bench->bench->closed === $closed) ✓ @endif</button>
        @endforeach
    </div>
</form>
@if ($bench->bench->closed !== null)
    <p class="mt-4"><a class="button go bench-button" data-key=" "
        href="{{ route('boxes.closing', $box) }}">{{ __('pack/bench.to-closing') }} <kbd
            aria-hidden="true">{{ __('pack/views/partials/bench-closed.space') }}</kbd></a>
        <a class="link ml-3 text-xl" href="{{ route('bench.layout', $box) }}">{{ __('pack/bench.layout.link') }}</a></p>
    @include('pack.partials.photo', ['hasPhoto' => $bench->hasPhoto(),
        'drawing' => $bench->firstSight()])
@endif

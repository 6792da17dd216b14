<nav aria-label="{{ __('gather/views/partials/drawers.drawers') }}" class="drawer-front mb-3">
    @foreach ($choices->lanes as $lane)
        @php
            $drawer = $drawers[$lane->value];
            $isOpen = $question->lane === $lane;
            $address = route('gather', $question->query(['lane' => $isOpen ? null : $lane->value]));
        @endphp
        <a href="{{ $address }}" hx-get="{{ $address }}" hx-target="#drawers" hx-swap="outerMorph" hx-push-url="true"
            @class(['cut', 'is-open' => $isOpen]) @if ($isOpen) aria-current="true" @endif>
            <span class="flex items-center gap-2 font-semibold"><x-glyph :$lane class="size-6 shrink-0" />
                {{ __("lanes.{$lane->value}") }}</span>
            <x-shapes.stock
                :stock="$drawer['stock']" :$lane width="120" />
            <span class="text-ink-soft tabular">{{ __('gather/views/partials/drawers.here-on-hand-here2-set', [
                'here' => $drawer['pieces'] - $drawer['setAside'],
                'here2' => $drawer['setAside'],
            ]) }}</span>
        </a>
    @endforeach
</nav>

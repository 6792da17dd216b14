@php
    $tabs = ['stash' => __('plan/views/partials/picker.from-the-stash'),
        'buy' => __('plan/views/partials/picker.to-buy'), 'new' => __('plan/views/partials/picker.a-new-thing')];
    $address = fn (array $changes) => route('boxes.show', [$sheet->box, ...$state->query($changes)]);
@endphp
<section id="picker" class="cut px-4 py-3 max-wide:order-first" aria-labelledby="picker-title"
    data-shows="{{ http_build_query($state->query()) }}">
    <div class="flex items-start justify-between gap-3">
        <h2 id="picker-title">{{ __('plan/views/partials/picker.pick-a-piece') }}</h2>
        <a class="button small" data-key="escape" href="{{ route('boxes.show', $sheet->box) }}"
            hx-get="{{ route('boxes.show', $sheet->box) }}" hx-push-url="true">
            {{ __('plan/views/partials/picker.close') }} <kbd aria-hidden="true">{{
                __('plan/views/partials/picker.esc') }}</kbd>
        </a>
    </div>
    <nav aria-label="{{ __('plan/views/partials/picker.where-from') }}" class="path my-3">
        @foreach ($tabs as $tab => $name)
            <a class="!px-2 text-center leading-tight" @toPicker($address(['from' => $tab, 'need' => null]))
                @if ($state->tab === $tab) aria-current="true" @endif>{{ $name }}</a>
        @endforeach
    </nav>
    @include("plan.partials.pick-{$state->tab}")
</section>

@props(['on'])

<nav aria-label="Send" class="no-print mb-3 flex flex-wrap gap-x-5 gap-y-1">
    @foreach (['send' => __('send/desk.tab'), 'season' => __('send/season.title'), 'cards' => __('send/labels.title'),
        'dates' => __('send/dates.title'), 'log' => __('send/log.tab'), 'review' => __('send/review.tab'),
        'topup' => __('send/topup.title')] as $route => $name)
        <a href="{{ route($route) }}"
            @class(['py-1 font-semibold', 'border-b-[3px] border-next no-underline' => $on === $route,
                'underline decoration-[1.5px] underline-offset-4' => $on !== $route])
                @if ($on === $route) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>

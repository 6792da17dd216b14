@props(['on'])

<nav aria-label="Gather" class="no-print mb-4 flex flex-wrap gap-x-5 gap-y-1">
    @foreach (['gather' => 'The stash', 'quick' => 'Quick entry', 'price-desk' => 'Price check',
        'pocket' => 'In the shop', 'shopping' => 'Shopping list', 'money' => 'Money', 'import' => 'Import and export',
        'kits' => __('gather/kits.title'),
        'makes' => __('gather/makes.title'),
        'kinds' => __('gather/kinds.title'),
    ] as $route => $name)
        <a href="{{ route($route) }}"
            @class(['py-1 font-semibold', 'border-b-[3px] border-next no-underline' => $on === $route,
                'underline decoration-[1.5px] underline-offset-4' => $on !== $route])
                @if ($on === $route) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>

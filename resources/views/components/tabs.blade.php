{{-- The pages of a station: name by route; the one that is open is marked. --}}
@props(['on', 'tabs'])

<nav {{ $attributes->class('tabs no-print flex flex-wrap gap-x-5 gap-y-1') }}>
    @foreach ($tabs as $route => $name)
        <a href="{{ route($route) }}"
            @class(['py-1 font-semibold', 'border-b-[3px] border-next no-underline' => $on === $route,
                'underline decoration-[1.5px] underline-offset-4' => $on !== $route])
                @if ($on === $route) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>

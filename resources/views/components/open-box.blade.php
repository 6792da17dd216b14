@props(['drawing', 'current' => [], 'ghosts' => [], 'ink' => null, 'isNamed' => false, 'isNumbered' => true])

@php
    $scene = $drawing->scene;
    $points = fn (array $corners) => implode(' ',
        array_map(fn (array $corner) => round($corner[0], 1).','.round($corner[1], 1), $corners));
    $lines = fn (array $lines) => implode('',
        array_map(fn (array $line) => 'M'.round($line[0][0], 1).' '.round($line[0][1], 1).'L'.round($line[1][0],
            1).' '.round($line[1][1], 1), $lines));
    $figures = fn (array $figures) => implode(' ', array_map(fn (float $figure) => round($figure, 3), $figures));
    [$left, $top, $width, $height] = $scene->frame;
    // One stop for the Tab key; from there the arrows go on.
    $stop = collect($scene->prisms)->firstWhere(fn ($drawn) => $drawn->label !== null)?->prism->piece;
@endphp

<svg {{ $attributes->class('drawn') }} role="{{ $isNamed ? 'group' : 'img' }}" aria-label="{{ $drawing->words }}"
    viewBox="{{ round($left - 6, 1) }} {{ round($top - 6, 1) }} {{ round($width + 12, 1) }}
    {{ round($height + 12, 1) }}">
    @if ($ink !== null)
        <title>{{ $drawing->words }}</title>
        {{ $ink->sheet() }}
    @endif
    @foreach ($scene->farWalls as $wall => $corners)
        <polygon class="wall wall-{{ $wall }}" points="{{ $points($corners) }}" />
    @endforeach
    <polyline class="rim" points="{{ $points([$scene->rim[0], $scene->rim[3], $scene->rim[2]]) }}" />
    @foreach ($scene->prisms as $drawn)
        @php($piece = $drawing->pieces[$drawn->prism->piece])
        @php($own = $drawing->colourOf($drawn->prism->piece))
        <g @if ($own !== null) color="{{ $own->hex }}" @endif
            @class(['piece', "lane-{$piece['lane']->value}", ...$drawing->tone($drawn->prism->piece),
            'is-current' => in_array($drawn->prism->piece, $current, true),
            'is-ghost' => in_array($drawn->prism->piece, $ghosts, true)])
            @if ($isNamed && $drawn->label !== null) tabindex="{{ $drawn->prism->piece === $stop ? 0 : -1 }}" role="img"
                aria-label="{{ $piece['step'] }}. {{ $piece['name'] }}"
                data-name="{{ $piece['step'] }}. {{ $piece['name'] }}" @endif>
            <title>{{ $piece['step'] }}. {{ $piece['name'] }}</title>
            @foreach ($drawn->behind as $patch)
                <polygon class="patch-{{ $patch->tone }}" points="{{ $points($patch->points) }}" />
            @endforeach
            @foreach ($drawn->faces as $face)
                <polygon class="face-{{ $face->tone }}" points="{{ $points($face->points) }}" />
                @if ($face->marks !== [])<path class="face-mark" d="{{ $lines($face->marks) }}" />@endif
            @endforeach
            @foreach ($drawn->faces as $face)
                @if ($face->edges !== [])<path class="face-edge" d="{{ $lines($face->edges) }}" />@endif
            @endforeach
            @foreach ($drawn->patches as $patch)
                @if ($patch->isClosed)
                    <polygon class="patch-{{ $patch->tone }}" points="{{ $points($patch->points) }}" />
                @else
                    <polyline class="patch-{{ $patch->tone }}" points="{{ $points($patch->points) }}" />
                @endif
            @endforeach
            @if ($drawn->stamp !== null)
                <path class="stamp" d="{{ $piece['glyph'] }}"
                    transform="matrix({{ $figures($drawn->stamp) }})" />
            @endif
            @if ($drawn->label !== null && $isNumbered)
                <text class="step" x="{{ round($drawn->label[0], 1) }}"
                    y="{{ round($drawn->label[1] + 4, 1) }}">{{ $piece['step'] }}</text>
            @endif
        </g>
    @endforeach
    @foreach ($scene->nearWalls as $corners)
        <polygon class="wall-near" points="{{ $points($corners) }}" />
    @endforeach
    <polyline class="rim" points="{{ $points([$scene->rim[0], $scene->rim[1], $scene->rim[2]]) }}" />
</svg>

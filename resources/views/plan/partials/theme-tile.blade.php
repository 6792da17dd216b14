{{-- A thing as a tile in its own colours, with its glyph and why it stands to the theme as it does. --}}
<svg class="theme-swatch drawn" viewBox="0 0 100 44" preserveAspectRatio="none" aria-hidden="true" focusable="false">
    @forelse ($tile->match->colours as $colour)
        <rect fill="{{ $colour->hex }}" x="{{ $loop->index * 100 / $loop->count }}" width="{{ 100 / $loop->count }}"
            height="44" />
    @empty
        <rect class="theme-unknown" width="100" height="44" />
    @endforelse
</svg>
<div class="flex gap-2 p-2.5">
    <x-glyph :lane="$tile->kind->category" :kind="$tile->kind" class="h-7 w-7 shrink-0" />
    <div class="min-w-0">
        <b class="block leading-tight">{{ $tile->name }}</b>
        <span class="block text-[0.95rem] leading-snug text-ink-soft">{{ implode('; ', $tile->why()) }}</span>
    </div>
</div>

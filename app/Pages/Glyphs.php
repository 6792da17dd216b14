<?php

declare(strict_types=1);

namespace App\Pages;

use App\Reference\DataFiles;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\ItemKind;

/** The small drawing of each kind of thing: lines within 24 by 24 units, ours. */
final class Glyphs
{
    /** @var array<string, string>|null the path of each by its name; those of the lanes begin with `lane-` */
    private ?array $paths = null;

    public function __construct(private readonly DataFiles $files) {}

    /** Get the path of a kind's drawing, or of its lane's where it has none of its own. */
    public function of(Category $lane, ?ItemKind $kind = null): string
    {
        $this->paths ??= $this->files->glyphs();

        return $this->paths[$kind?->body->glyph] ?? $this->paths["lane-{$lane->value}"];
    }
}

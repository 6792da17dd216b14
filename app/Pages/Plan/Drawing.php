<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use PluckyWren\Core\Fit\Drawing\Scene;
use PluckyWren\Core\Stash\Category;

/** An open box as it is drawn: what is seen, and for each piece its lane, its name and its step. */
final readonly class Drawing
{
    /**
     * @param  string  $words  what the drawing shows, for those who do not see it
     * @param  array<string, array{lane: Category, name: string, step: int, glyph: string}>  $pieces  by id
     */
    public function __construct(public Scene $scene, public string $words, public array $pieces) {}
}

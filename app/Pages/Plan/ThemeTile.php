<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Words\ThemeWords;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Theme\ThemeMatch;

/** A thing on the theme board: in its colours, with why it goes with the theme or does not. */
final readonly class ThemeTile
{
    /**
     * @param  string  $id  of the piece in the box, or of the lot that would go
     * @param  int  $count  how many are in it, or on hand
     * @param  bool  $isKept  whether it is off the theme knowingly
     */
    public function __construct(
        public string $id,
        public string $name,
        public ItemKind $kind,
        public int $count,
        public ThemeMatch $match,
        public bool $isKept = false,
    ) {}

    /** @return list<string> */
    public function why(): array
    {
        return ThemeWords::reasons($this->match);
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Words\ThemeWords;
use App\Words\Words;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Theme\ThemeMatch;

/** A thing on the theme board: in its colours, with why it goes with the theme or does not. */
final readonly class ThemeTile
{
    /**
     * @param  string  $id  of the piece in the box, or of the lot that would go
     * @param  int  $count  how many are in it, or on hand
     * @param  bool  $isKept  whether it is off the theme knowingly
     * @param  string  $due  the day on which it is awaited, in words; empty where it is here
     */
    public function __construct(
        public string $id,
        public string $name,
        public ItemKind $kind,
        public int $count,
        public ThemeMatch $match,
        public bool $isKept = false,
        public string $due = '',
    ) {}

    /** “3 on hand”, “3, awaited on 4 Dec”. */
    public function free(): string
    {
        return $this->due === ''
            ? Words::of('plan/theme.on-hand', ['count' => $this->count])
            : Words::of('plan/theme.awaited', ['count' => $this->count, 'day' => $this->due]);
    }

    /** @return list<string> */
    public function why(): array
    {
        return ThemeWords::reasons($this->match);
    }
}

<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** What may be done with a thing to make it go in; the values are part of the file format. */
enum Form: string
{
    case Rigid = 'rigid';
    case Sheet = 'sheet';
    case Bendable = 'bendable';
    case Cloth = 'cloth';
    case Soft = 'soft';
    case Loose = 'loose';

    /** Determine if it keeps its three sides whatever is done with it. */
    public function keepsItsSides(): bool
    {
        return $this === self::Rigid || $this === self::Sheet || $this === self::Bendable;
    }

    /** Determine if it may be folded or poured to any block of its volume. */
    public function takesAnyShape(): bool
    {
        return $this === self::Cloth || $this === self::Loose;
    }

    /** The least side it may be folded or poured to where nothing else is said, in tenths of a millimetre. */
    public function defaultMinSide(): int
    {
        return $this === self::Loose ? 120 : 80;
    }
}

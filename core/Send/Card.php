<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send;

/** What is cut out of a printed sheet, several to a page. The values stand in addresses. */
enum Card: string
{
    case Note = 'note';
    case SmallNote = 'note-small';
    case Label = 'label';
    case Slip = 'slip';
    case Envelope = 'envelope';
    case NotFood = 'not-food';
    case Picture = 'picture';

    /** Tenths of a millimetre. */
    public function width(): int
    {
        return match ($this) {
            self::Note, self::Label, self::Slip, self::Envelope, self::Picture => 900,
            self::SmallNote => 740,
            self::NotFood => 450,
        };
    }

    /** Tenths of a millimetre. */
    public function height(): int
    {
        return match ($this) {
            self::Note => 1200,
            self::SmallNote => 1050,
            self::Label, self::Slip, self::Picture => 600,
            self::Envelope, self::NotFood => 300,
        };
    }

    /** The note that lies flat in a box of so much inside, in tenths of a millimetre. */
    public static function noteFor(int $length, int $width): self
    {
        $isIn = max($length, $width) >= self::Note->height() && min($length, $width) >= self::Note->width();

        return $isIn ? self::Note : self::SmallNote;
    }

    public function isNote(): bool
    {
        return $this === self::Note || $this === self::SmallNote;
    }
}

<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** How a piece lies; the values are part of the file format. */
enum How: string
{
    case Flat = 'flat';
    case OnEdge = 'on-edge';
    case Upright = 'upright';
    case Diagonal = 'diagonal';
    case UpTheWall = 'up-the-wall';
    case Refolded = 'refolded';
    case Pressed = 'pressed';
    case Moulded = 'moulded';
    case Nested = 'nested';

    /** The word for an unchanged block that stands $height tall, given its sides, longest first. */
    public static function standing(int $height, int $longest, int $middle, int $shortest): self
    {
        return match (true) {
            $height === $shortest => self::Flat,
            $height === $longest => self::Upright,
            default => self::OnEdge,
        };
    }

    /** The word for a block that cloth was folded to, or loose pieces poured to. */
    public static function heaped(Form $form): self
    {
        return $form === Form::Cloth ? self::Refolded : self::Moulded;
    }

    /** The word for a thing that is put down as a block of its own, $height tall. */
    public static function ofBlock(Item $item, int $height): self
    {
        return match (true) {
            $item->form->keepsItsSides() => self::standing($height, ...$item->size->sides()),
            $item->form->takesAnyShape() => self::heaped($item->form),
            default => self::Flat,
        };
    }
}

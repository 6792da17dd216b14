<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

use PluckyWren\Core\Fit\Form;

/** What a thing is drawn as within its three measures; the values are part of the files of kinds. */
enum Look: string
{
    case Block = 'block';
    case Book = 'book';
    case Sheet = 'sheet';
    case Pouch = 'pouch';
    case Cloth = 'cloth';
    case Plush = 'plush';
    case Ball = 'ball';
    case Bottle = 'bottle';
    case Cup = 'cup';
    case Round = 'round';
    case Stick = 'stick';
    case Pencil = 'pencil';

    /**
     * How much is lost where it is cut in two, as each half is drawn as a block: nothing of a block, little of folds;
     * a ball is known by its outline.
     */
    public function lostByACut(): int
    {
        return match ($this) {
            self::Block, self::Book, self::Sheet => 0,
            self::Cloth, self::Pouch => 1,
            default => 2,
        };
    }

    /** What a thing is drawn as where nothing else is known of it but its form. */
    public static function ofForm(Form $form): self
    {
        return match ($form) {
            Form::Rigid => self::Block,
            Form::Sheet => self::Sheet,
            Form::Bendable => self::Book,
            Form::Cloth => self::Cloth,
            Form::Soft => self::Plush,
            Form::Loose => self::Pouch,
        };
    }
}

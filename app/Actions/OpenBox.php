<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Refusals\CannotChangeBox;

/** A box whose lid is not on, read afresh to be changed. */
final class OpenBox
{
    /**
     * @return Box with its contents loaded
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public static function afresh(string $boxId): Box
    {
        $box = Box::query()->with(Box::CONTENTS)->findOrFail($boxId);
        CannotChangeBox::unlessOpen($box->stage);

        return $box;
    }
}

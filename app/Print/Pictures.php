<?php

declare(strict_types=1);

namespace App\Print;

use PluckyWren\Core\Send\Picture;

/** The drawings that show what a thing is for; ours, in black lines. */
final class Pictures
{
    /** Get a drawing as SVG. */
    public static function svg(Picture $picture): string
    {
        return trim((string) file_get_contents(resource_path("pictures/{$picture->value}.svg")));
    }
}

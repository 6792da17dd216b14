<?php

declare(strict_types=1);

namespace App\Print;

use PluckyWren\Core\Send\BoxCode;
use PluckyWren\Core\Send\Picture;

/**
 * What stands on one card: its largest words, what is below them line by line, and the box's code, a drawing or a
 * photo.
 */
final readonly class PrintedCard
{
    /**
     * @param  list<string>  $lines
     * @param  Picture|null  $picture  a drawing that says it all, where there is one
     * @param  string|null  $photo  a JPEG
     * @param  list<string>  $colours  `#rrggbb`, in which it is edged
     */
    public function __construct(
        public string $heading,
        public array $lines,
        public ?BoxCode $code = null,
        public ?Picture $picture = null,
        public ?string $photo = null,
        public array $colours = [],
    ) {}
}

<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Trip;

use PluckyWren\Core\Measure\Size;

/** A box with its lid on, as it stands in a carton. */
final readonly class CartonBox
{
    /**
     * @param  string  $label  by which it is found again, like its code
     * @param  string  $kind  boxes of one kind have one outside
     */
    public function __construct(public string $label, public string $kind, public Size $outside) {}
}

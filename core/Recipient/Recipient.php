<?php

declare(strict_types=1);

namespace PluckyWren\Core\Recipient;

/** The child a box is for: nobody has met them, so this is all that is known. */
final readonly class Recipient
{
    public function __construct(public AgeBand $band, public Gender $gender) {}
}

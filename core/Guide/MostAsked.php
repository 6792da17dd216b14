<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\InvalidBand;
use PluckyWren\Core\Recipient\Recipient;

/** For whom a drive gets too few boxes, as its guide says: “8-12 boy”, or “2-3” for all of that age. */
final readonly class MostAsked
{
    private function __construct(public AgeBand $band, public ?Gender $gender) {}

    /** @throws InvalidBand If its band is none. */
    public static function parse(string $text): self
    {
        [$band, $gender] = [...explode(' ', $text, 2), ''];

        return new self(AgeBand::parse($band), Gender::tryFrom($gender));
    }

    public function isFor(Recipient $recipient): bool
    {
        return $this->band->id() === $recipient->band->id()
            && ($this->gender === null || $this->gender === $recipient->gender);
    }
}

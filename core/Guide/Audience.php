<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;

/** For whom a drive takes boxes. */
final readonly class Audience
{
    /**
     * @param  non-empty-list<AgeBand>  $bands
     * @param  list<Gender>  $genders
     * @param  list<MostAsked>  $mostAsked  for whom it gets too few
     */
    public function __construct(public array $bands, public array $genders, public array $mostAsked = []) {}

    public function asksMostFor(Recipient $recipient): bool
    {
        return array_filter(
            $this->mostAsked,
            static fn (MostAsked $asked): bool => $asked->isFor($recipient),
        ) !== [];
    }
}

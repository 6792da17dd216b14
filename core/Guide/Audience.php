<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;

/** For whom a drive takes boxes. */
final readonly class Audience
{
    /**
     * @param  non-empty-list<AgeBand>  $bands
     * @param  list<Gender>  $genders
     */
    public function __construct(public array $bands, public array $genders) {}
}

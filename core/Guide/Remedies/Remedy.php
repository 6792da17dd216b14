<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Remedies;

/** Something that mends a finding in one step. */
interface Remedy
{
    /** What it is called where its form and its words are kept: `take-out`, say. */
    public function id(): string;
}

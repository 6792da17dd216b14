<?php

declare(strict_types=1);

namespace App\Database;

use Closure;

/** One transaction after another: what is read in one is not changed by another before it is written. */
interface OneWriter
{
    /** Write something now or not at all: where someone else is writing, the database refuses it at once. */
    public function withoutWaiting(Closure $write): void;
}

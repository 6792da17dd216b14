<?php

declare(strict_types=1);

namespace PluckyWren\Core;

use Throwable;

/** Every error the core throws tells what is wrong, for others to put into words; its message is for developers. */
interface CoreException extends Throwable
{
    public function why(): Why;
}

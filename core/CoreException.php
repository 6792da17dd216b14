<?php

declare(strict_types=1);

namespace PluckyWren\Core;

use Throwable;

/** Every error the core throws; its message is fit for a packer to read. */
interface CoreException extends Throwable {}

<?php

declare(strict_types=1);

namespace App\Csv;

use RuntimeException;

/** A file that should hold kinds of things cannot be read; the message says why. */
final class UnreadableKinds extends RuntimeException {}

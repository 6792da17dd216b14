<?php

declare(strict_types=1);

namespace App\Casts;

/** A cast that reads a value nobody can change from its column alone: what was read once need not be read again. */
interface OfOneColumn {}

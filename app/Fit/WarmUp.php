<?php

declare(strict_types=1);

namespace App\Fit;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Fit\Files\ProblemFile;
use PluckyWren\Core\Fit\Solve\CornerSolver;

/**
 * A small box with a piece of every form, solved before a clock is started, so that none of the time of the first
 * problem goes into reading the solver's code.
 */
final class WarmUp
{
    private const ATTEMPTS = 12;

    /** @throws MalformedFile where the box that comes with the application was changed to one that cannot be read */
    public static function run(CornerSolver $solver): void
    {
        $file = base_path('data/fit-warm-up.json');
        $problem = ProblemFile::read((string) file_get_contents($file), $file);
        $solver->solve($problem, Budget::ofAttempts(self::ATTEMPTS));
    }
}

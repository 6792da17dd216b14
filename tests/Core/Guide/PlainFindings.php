<?php

declare(strict_types=1);

namespace Tests\Core\Guide;

use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\SaysFindings;

/** Findings said by the keys of their sentences, for tests of what keeps them. */
final class PlainFindings implements SaysFindings
{
    public function about(Finding $finding): string
    {
        return implode(',', $finding->pieces);
    }

    public function why(Finding $finding): string
    {
        return "{$finding->says}.why";
    }

    public function remedy(Finding $finding): string
    {
        return "{$finding->says}.remedy";
    }

    public function figures(Finding $finding): string
    {
        return "{$finding->says}.figures";
    }
}

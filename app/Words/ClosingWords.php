<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\Box\Closing\ClosingLine;

/** What the lines of the closing check are about. */
final readonly class ClosingWords
{
    /** So many names are said before the rest are counted. */
    private const NAMED = 6;

    public function __construct(private FindingWords $findings = new FindingWords) {}

    public function names(ClosingLine $line): string
    {
        $names = array_values(array_unique([
            ...$line->names,
            ...array_map($this->findings->about(...), $line->findings),
        ]));
        $said = implode('; ', array_slice($names, 0, self::NAMED));
        $more = count($names) - self::NAMED;

        return $more > 0 ? Words::of('pack/closing.and-more', ['names' => $said, 'more' => $more]) : $said;
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Crew;
use App\Queries\KnownNames;
use App\Reference\Kinds;
use App\Reference\LotReaders;
use DateTimeImmutable;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Stash\Line\LineReader;
use PluckyWren\Core\Stash\Line\ReceiptReader;

/** The reader of lines that a crew types: in its money, on its day, with the names that it has used before. */
final readonly class ReceiptReaders
{
    public function __construct(private Kinds $kinds, private ColourNames $colours, private LotReaders $lots) {}

    public function of(Crew $crew): ReceiptReader
    {
        $lines = new LineReader(
            $this->kinds->inHand(),
            $this->colours,
            $crew->currency,
            new DateTimeImmutable($crew->today()->toDateString()),
            KnownNames::all(),
        );

        return new ReceiptReader($lines, $this->lots->of($crew), $crew->currency);
    }
}

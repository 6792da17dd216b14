<?php

declare(strict_types=1);

namespace App\Reference;

use App\Models\Crew;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Stash\Reading\LotReader;

/** The reader of what a crew types of a lot: in its money, on its day. */
final readonly class LotReaders
{
    public function __construct(private Kinds $kinds, private ColourNames $colours) {}

    /** @param Currency|null $currency where its figures are written otherwise than the crew writes them */
    public function of(Crew $crew, ?Currency $currency = null): LotReader
    {
        return new LotReader($this->kinds->inHand(), $this->colours, $currency ?? $crew->currency, $crew->today());
    }
}

<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Record;

use DateTimeImmutable;
use PluckyWren\Core\Box\Files\BoxDocument;
use PluckyWren\Core\Fit\Result;

/** A box as it was handed in: whatever becomes of its lots, kinds and guide, it stays what it was. */
final readonly class BoxRecord
{
    /** @param Result|null $packing null where none had been tried */
    public function __construct(
        public BoxDocument $box,
        public ?Result $packing,
        public string $by,
        public DateTimeImmutable $at,
    ) {}
}

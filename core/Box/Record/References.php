<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Record;

use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Stash\KindReader;

/**
 * What a box was judged by, as it was written in its files on that day.
 *
 * @phpstan-import-type GuideData from Guide
 * @phpstan-import-type KindData from KindReader
 * @phpstan-import-type BoxKindData from BoxKinds
 */
final readonly class References
{
    /**
     * @param  GuideData|null  $guide  null where the guide was gone already
     * @param  list<array{category: string, kinds: list<KindData>}>  $kinds  those of the pieces, and of what they hold
     * @param  BoxKindData|null  $boxKind  null for a box of one's own measures
     */
    public function __construct(public ?array $guide, public array $kinds, public ?array $boxKind) {}
}

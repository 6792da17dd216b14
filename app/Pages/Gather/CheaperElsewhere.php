<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Lot;
use Carbon\CarbonImmutable;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Stash\Source;

/** Another shop where a kind of thing cost less when it was last bought there. */
final readonly class CheaperElsewhere
{
    /** What was dear a year ago tells nothing of today. */
    private const MONTHS = 12;

    /** Where one can go and buy it again. */
    private const SHOPS = [Source::Shop, Source::Thrift, Source::Online];

    private function __construct(public string $place, public ExactAmount $each, public CarbonImmutable $day) {}

    /**
     * @param  list<Lot>  $lots  of one kind that were paid for, newest first
     * @return self|null the cheapest; null where it was nowhere cheaper than where the newest came from
     */
    public static function than(array $lots, CarbonImmutable $today): ?self
    {
        $cheapest = null;
        $here = ($lots[0] ?? null)?->place;
        $least = ($lots[0] ?? null)?->price()->each;
        $seen = ['' => true, (string) $here => true];
        foreach ($lots as $lot) {
            $place = (string) $lot->place;
            $isShop = in_array($lot->source, self::SHOPS, true);
            if (! $isShop || isset($seen[$place]) || $lot->got_on->isBefore($today->subMonths(self::MONTHS))) {
                continue;
            }
            // Only what it cost there last.
            $seen[$place] = true;
            $each = $lot->price()->each;
            if ($each !== null && $least !== null && $each->compareTo($least) < 0) {
                [$least, $cheapest] = [$each, new self($place, $each, $lot->got_on)];
            }
        }

        return $cheapest;
    }
}

<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Sizes;

use PluckyWren\Core\Recipient\AgeBand;

/** For whom of a band a size is: it should aim at the top, as nobody has measured the child and children grow. */
final readonly class BandFit
{
    /**
     * A child may be so much smaller than the label, in millimetres of height; twice that where there is elastic.
     * Estimates.
     */
    private const ROOM_TO_GROW = 120;

    private const ROOM_WITH_ELASTIC = 200;

    private const ROOM_IN_SHOE = 12;

    /** So many years past the band a size is still sensible: it is grown into. An estimate. */
    private const LARGEST_PAST = 1;

    /** The label of the oldest may fall so short, in millimetres; shoes by a third. An estimate. */
    private const SHORT_OF_OLDEST = 30;

    /**
     * @param  int  $fromYears  the youngest it can be worn by
     * @param  int  $toYears  the oldest
     */
    private function __construct(public BandAim $aim, public int $fromYears, public int $toYears) {}

    public static function of(SizeLabel $label, AgeBand $band, bool $isElastic): self
    {
        $room = $label->isFoot ? self::ROOM_IN_SHOE : ($isElastic ? self::ROOM_WITH_ELASTIC : self::ROOM_TO_GROW);
        $short = $label->isFoot ? intdiv(self::SHORT_OF_OLDEST, 4) : self::SHORT_OF_OLDEST;
        $from = Growth::ageAt($label->from - $room, $label->isFoot);
        $to = max($from, Growth::ageAt($label->to + $short + 1, $label->isFoot) - 1);
        $middle = intdiv($band->fromYears + $band->toYears + 1, 2);
        $aim = match (true) {
            $label->from > Growth::at(
                min(Growth::OLDEST, $band->toYears + self::LARGEST_PAST),
                $label->isFoot,
            ) => BandAim::TooLarge,
            $label->to + $short < Growth::at($middle, $label->isFoot) => BandAim::TooSmall,
            $label->to + $short >= Growth::at($band->toYears, $label->isFoot) => BandAim::AimsRight,
            default => BandAim::Covers,
        };

        return new self($aim, $from, $to);
    }
}

<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Sizes;

use PluckyWren\Core\Recipient\AgeBand;

/**
 * What a size label means in body height, or in foot length for shoes; labels disagree between makers, so this is a
 * guide to the eye. `docs/sizes.md` has the tables and their sources.
 */
final readonly class SizeLabel
{
    private const DASHES = ['–' => '-', '—' => '-', '’' => "'", '½' => ',5', ' 1/2' => ',5'];

    /**
     * @param  int  $from  millimetres of body height, or of the foot
     * @param  int  $to  the same
     */
    private function __construct(public string $label, public int $from, public int $to, public bool $isFoot) {}

    /**
     * @param  AgeBand|null  $band  for whom it is, where that is known: some sizes mean one thing for a small child and
     *     another for a large one
     * @return self|null null where it cannot be read
     */
    public static function read(string $label, bool $isShoe, ?AgeBand $band = null): ?self
    {
        $plain = self::plain($label);
        $range = $isShoe ? ShoeLabel::read($plain, $band) : ClothesLabel::read($plain);

        return $range === null ? null : new self(trim($label), $range[0], $range[1], $isShoe);
    }

    /** A label without what differs from one writing of it to another: in capitals, without dots, one kind of dash. */
    public static function plain(string $label): string
    {
        $plain = (string) preg_replace('/(\d)\.(\d)/', '$1,$2', strtr($label, self::DASHES));

        return mb_strtoupper(trim((string) preg_replace('/[\s.]+/u', ' ', $plain)));
    }

    /** About how old a child is whom it fits, in whole years. */
    public function age(): int
    {
        return Growth::ageAt($this->middle(), $this->isFoot);
    }

    /** Millimetres in the middle of what it means. */
    public function middle(): int
    {
        return intdiv($this->from + $this->to, 2);
    }
}

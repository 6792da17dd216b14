<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Bench;

use DateTimeImmutable;

/**
 * What a crew's own boxes teach about foretelling lids. Every step is small, has a bound, and is only proposed; all
 * figures are estimates.
 */
final readonly class Lessons
{
    /** So many boxes must say the same. */
    private const LEAST = 3;

    /** For each that says the contrary there must be so many that say it. */
    private const AGAINST_ONE = 3;

    /** A step in how far a thing can be pressed, in hundredths of its side; and how far all steps go together. */
    private const SQUEEZE_STEP = 5;

    private const SQUEEZE_MOST = 15;

    /** A step in how far a lid gives, in tenths of a millimetre; and how far all steps go together. */
    private const LID_STEP = 10;

    private const LID_MOST = 40;

    /** @param list<LidSeen> $seen */
    public function __construct(private array $seen) {}

    /** How many lids closed as was foretold. */
    public function asForetold(): int
    {
        return count(array_filter($this->seen, static fn (LidSeen $one): bool => $one->ease() === 0));
    }

    public function boxes(): int
    {
        return count($this->seen);
    }

    /**
     * @param  array<string, array{int, int}>  $squeezes  of kinds of things: as it is reckoned now, and as it shipped
     * @param  array<string, array{int, int}>  $lids  of kinds of boxes: the same
     * @param  array<string, DateTimeImmutable>  $since  when something was last learned, by `what.id`: what was seen
     *     before counts no more for it
     * @return list<Lesson> the one that most boxes say first; of lids only where no thing explains it
     */
    public function proposed(array $squeezes, array $lids, array $since): array
    {
        $lessons = [];
        foreach ($squeezes as $kind => [$now, $shipped]) {
            $seen = $this->about(
                static fn (LidSeen $one): bool => in_array((string) $kind, $one->softKinds, true),
                $since[Lesson::SQUEEZE.".{$kind}"] ?? null,
            );
            // What closed more easily than thought can be pressed to less.
            $lessons[] = self::lesson(
                Lesson::SQUEEZE, (string) $kind, $now, $shipped, $seen, -self::SQUEEZE_STEP, self::SQUEEZE_MOST,
            );
        }
        $found = array_values(array_filter($lessons));
        if ($found === []) {
            foreach ($lids as $kind => [$now, $shipped]) {
                $seen = $this->about(
                    static fn (LidSeen $one): bool => $one->boxKind === (string) $kind,
                    $since[Lesson::LID.".{$kind}"] ?? null,
                );
                $found[] = self::lesson(
                    Lesson::LID, (string) $kind, $now, $shipped, $seen, self::LID_STEP, self::LID_MOST,
                );
            }
            $found = array_values(array_filter($found));
        }
        usort($found, static fn (Lesson $one, Lesson $other): int => [$other->boxes, $one->id]
            <=> [$one->boxes, $other->id]);

        return $found;
    }

    /**
     * @param  callable(LidSeen): bool  $is
     * @return list<LidSeen>
     */
    private function about(callable $is, ?DateTimeImmutable $since): array
    {
        return array_values(array_filter(
            $this->seen,
            static fn (LidSeen $one): bool => $is($one) && ($since === null || $one->at > $since),
        ));
    }

    /**
     * @param  'squeeze'|'lid'  $what
     * @param  list<LidSeen>  $seen
     * @param  int  $step  towards what gives more
     */
    private static function lesson(
        string $what,
        string $id,
        int $now,
        int $shipped,
        array $seen,
        int $step,
        int $most,
    ): ?Lesson {
        $easier = count(array_filter($seen, static fn (LidSeen $one): bool => $one->ease() > 0));
        $harder = count(array_filter($seen, static fn (LidSeen $one): bool => $one->ease() < 0));
        $boxes = max($easier, $harder);
        if ($boxes < self::LEAST || $boxes < self::AGAINST_ONE * min($easier, $harder)) {
            return null;
        }
        $then = $now + ($easier > $harder ? $step : -$step);
        $isPossible = $what === Lesson::SQUEEZE ? $then >= 10 && $then <= 100 : $then >= 0;
        $isWithin = $isPossible && abs($then - $shipped) <= $most;

        return $isWithin ? new Lesson($what, $id, $now, $then, $boxes) : null;
    }
}

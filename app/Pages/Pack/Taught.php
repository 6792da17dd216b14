<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Models\Learned;
use App\Queries\LidsSeen;
use App\Reference\Kinds;
use App\Reference\LearnedGive;
use App\Words\Words;
use PluckyWren\Core\Box\Bench\Lesson;
use PluckyWren\Core\Box\Bench\Lessons;
use PluckyWren\Core\Box\Bench\LidSeen;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Stash\Catalogue;

/** What the crew's own boxes teach about foretelling lids, and what it reckons with by now. */
final readonly class Taught
{
    /**
     * @param  list<Lesson>  $proposed
     * @param  list<Learned>  $taken
     */
    private function __construct(
        public Lessons $lessons,
        public array $proposed,
        public array $taken,
        private Catalogue $shipped,
        private BoxKinds $boxKinds,
    ) {}

    public static function now(): self
    {
        [$kinds, $boxKinds] = [resolve(Kinds::class), resolve(BoxKinds::class)];
        $learned = resolve(LearnedGive::class);
        $lids = (new LidsSeen)->latest();
        $query = Learned::query();
        $query->orderBy('id');
        $taken = array_values($query->get()->all());
        [$shipped, $now] = [$kinds->untaught(), $kinds->inHand()];
        $squeezes = $gives = $since = [];
        foreach (array_unique(array_merge(...array_map(
            static fn (LidSeen $one): array => $one->softKinds,
            $lids,
        ))) as $kind) {
            $squeezes[$kind] = [self::hundredths($now, $kind), self::hundredths($shipped, $kind)];
        }
        foreach ($boxKinds->all() as $id => $kind) {
            $gives[$id] = [$learned->ofBox($kind)->inside->bulge, $kind->inside->bulge];
        }
        foreach ($taken as $one) {
            $since["{$one->what}.{$one->kind}"] = $one->updated_at;
        }
        $lessons = new Lessons($lids);

        return new self($lessons, $lessons->proposed($squeezes, $gives, $since), $taken, $shipped, $boxKinds);
    }

    public function find(string $what, string $kind): ?Lesson
    {
        foreach ($this->proposed as $lesson) {
            if ($lesson->what === $what && $lesson->id === $kind) {
                return $lesson;
            }
        }

        return null;
    }

    public function says(Lesson $lesson): string
    {
        return Words::of("pack/bench.learned.{$lesson->what}-".($lesson->isEasier() ? 'easier' : 'harder'), [
            'name' => $this->name($lesson->what, $lesson->id), 'count' => $lesson->boxes,
            'now' => self::figure($lesson->what, $lesson->now), 'then' => self::figure($lesson->what, $lesson->then),
        ]);
    }

    public function saysTaken(Learned $taken): string
    {
        $shipped = $taken->isOfThings()
            ? self::hundredths($this->shipped, $taken->kind)
            : $this->boxKinds->get($taken->kind)->inside->bulge;

        return Words::of("pack/bench.learned.{$taken->what}-now", [
            'name' => $this->name($taken->what, $taken->kind), 'then' => self::figure($taken->what, $taken->value),
            'now' => self::figure($taken->what, $shipped), 'by' => $taken->by,
            'day' => $taken->updated_at->format('j M Y'),
        ]);
    }

    private function name(string $what, string $kind): string
    {
        return $what === Lesson::SQUEEZE
            ? $this->shipped->get($kind)->name
            : mb_strtolower($this->boxKinds->get($kind)->name);
    }

    private static function figure(string $what, int $value): int|float
    {
        return $what === Lesson::SQUEEZE ? $value : $value / 10;
    }

    private static function hundredths(Catalogue $catalogue, string $kind): int
    {
        return (int) round($catalogue->get($kind)->handling->squeeze * 100);
    }
}

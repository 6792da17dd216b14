<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Making;

use Brick\Math\BigRational;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Stash\ItemKind;

/** How something is made at home: out of what, how many a batch gives, and how long that takes. */
final readonly class Recipe
{
    public const MOST_MATERIALS = 20;

    /**
     * @param  int  $gives  pieces a batch
     * @param  int|null  $minutes  a batch; null where nobody knows
     * @param  list<Material>  $materials
     */
    public function __construct(
        public string $name,
        public ItemKind $kind,
        public int $gives,
        public ?int $minutes,
        public array $materials,
    ) {}

    /** @return array<string, int> how many pieces of each kind from the stash so many take, by the kind's id */
    public function takes(int $made): array
    {
        $takes = [];
        foreach ($this->materials as $material) {
            if ($material->kind !== null) {
                $id = $material->kind->id;
                $takes[$id] = ($takes[$id] ?? 0) + $material->neededFor($made, $this->gives);
            }
        }

        return $takes;
    }

    /**
     * How many can be made of what is there; null where nothing from the stash goes in.
     *
     * @param  array<string, int>  $onHand  by the kind's id
     */
    public function canMake(array $onHand): ?int
    {
        $most = null;
        foreach ($this->takes($this->gives) as $kind => $count) {
            $reaches = intdiv(($onHand[$kind] ?? 0) * $this->gives, $count);
            $most = min($most ?? $reaches, $reaches);
        }
        // Rounded up to whole pieces, several materials of one kind may take one more.
        while ($most !== null && $most > 0 && $this->short($most, $onHand) !== []) {
            $most--;
        }

        return $most;
    }

    /**
     * What is short for so many.
     *
     * @param  array<string, int>  $onHand  by the kind's id
     * @return list<array{Material, int}> with how many pieces of it are missing
     */
    public function short(int $made, array $onHand): array
    {
        $takes = $this->takes($made);
        $short = [];
        foreach ($this->materials as $material) {
            $id = $material->kind->id ?? '';
            $missing = ($takes[$id] ?? 0) - ($onHand[$id] ?? 0);
            if ($missing > 0) {
                $short[$id] = [$material, $missing];
            }
        }

        return array_values($short);
    }

    /**
     * What the materials at a price cost for so many, to the last fraction.
     *
     * @throws InvalidMoney
     */
    public function priced(int $made, Currency $currency): ExactAmount
    {
        $sum = ExactAmount::zero($currency);
        foreach ($this->materials as $material) {
            if ($material->price !== null) {
                $sum = $sum->plus(ExactAmount::of($material->price)->share(BigRational::nd($made, $this->gives)));
            }
        }

        return $sum;
    }

    /** About how long so many take, in minutes; null where nobody knows. */
    public function minutesFor(int $made): ?int
    {
        return $this->minutes === null ? null : max(1, (int) round($this->minutes * $made / $this->gives));
    }
}

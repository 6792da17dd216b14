<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Recipient\AgeBand;

/** A kind of thing, as it usually comes: its lane, its measures, what it is like, how many are usual. */
final readonly class ItemKind
{
    /**
     * @param  int|null  $minSide  tenths of a millimetre; null takes the form's default
     * @param  list<ItemTrait>  $traits
     * @param  list<array{AgeBand, int}>  $usual  how many, by years of age
     * @param  list<int>  $cheapMonths  1 to 12, when it is usually cheap
     */
    public function __construct(
        public string $id,
        public string $name,
        public Category $category,
        public Size $size,
        public Form $form,
        public float $squeeze,
        public ?int $minSide,
        public bool $keepUpright,
        public bool $isWorn,
        public array $traits,
        public array $usual,
        public ?Cavity $cavity,
        public array $cheapMonths = [],
    ) {}

    /** How many are usual in a box for a band: those of the years that share most with it, 1 where none do. */
    public function usualCount(AgeBand $band): int
    {
        $count = 1;
        $most = 0;
        foreach ($this->usual as [$years, $usual]) {
            if ($years->sharedYears($band) > $most) {
                [$most, $count] = [$years->sharedYears($band), $usual];
            }
        }

        return $count;
    }

    public function has(ItemTrait $trait): bool
    {
        return in_array($trait, $this->traits, true);
    }
}

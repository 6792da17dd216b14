<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Preparation\Task;

/** A kind of thing, as it usually comes: its lane, its measures, what it is like, how many are usual. */
final readonly class ItemKind
{
    /**
     * @param  int|null  $minSide  tenths of a millimetre; null takes the form's default
     * @param  list<ItemTrait>  $traits
     * @param  list<array{AgeBand, int}>  $usual  how many, by years of age
     * @param  list<int>  $cheapMonths  1 to 12, when it is usually cheap
     * @param  LoosePart|null  $smallest  the smallest part that comes loose or off
     * @param  int|null  $cordTenths  its longest cord, in tenths of a millimetre; null where it has none or nobody
     *     knows
     * @param  AgeBand|null  $ages  for which it is right; null where it is for anyone
     * @param  list<Companion>  $companions  what it is no use without, or better with
     * @param  bool  $isElastic  fits a smaller child too
     * @param  bool  $isShoes  its size label is of feet
     * @param  list<Task>  $tasks  what is always done to it
     * @param  int|null  $grams  what one weighs, an estimate; null where nobody knows
     * @param  bool  $isGentle  has a face, or breaks: nothing hard goes on top
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
        public Shape $shape = Shape::Block,
        public ?LoosePart $smallest = null,
        public ?int $cordTenths = null,
        public ?AgeBand $ages = null,
        public array $companions = [],
        public bool $isElastic = false,
        public bool $isShoes = false,
        public array $tasks = [],
        public ?int $grams = null,
        public bool $isGentle = false,
    ) {}

    /**
     * A kind that the catalogue does not hold any more: what was called by it is still there, and nothing is known of
     * the kind.
     */
    public static function retired(string $id): self
    {
        return new self(
            $id,
            'Retired kind “'.mb_strimwidth(str_replace('-', ' ', $id), 0, 40, '…').'”',
            Category::Play,
            new Size(1000, 600, 300),
            Form::Rigid,
            1.0,
            null,
            false,
            false,
            [],
            [],
            null,
        );
    }

    /** Determine if it is usual for some year of a band. */
    public function isUsualFor(AgeBand $band): bool
    {
        return array_filter($this->usual, static fn (array $usual): bool => $usual[0]->sharedYears($band) > 0) !== [];
    }

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

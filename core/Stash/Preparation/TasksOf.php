<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Preparation;

use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\Companion;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Source;

/** What has to be done to a piece: from its kind, what it is like, how it came and how the crew likes to do things. */
final readonly class TasksOf
{
    /** A cord for a child under three may be this long, in tenths of a millimetre; see `Guide\Rules\Age\LongCords`. */
    public const SHORT_CORD_TENTHS = 2200;

    public function __construct(private Schools $schools = new Schools) {}

    /**
     * @param  list<ItemTrait>  $traits
     * @param  Source|null  $source  null where it is not there yet: nothing is done to it then
     * @param  bool  $cameInPackaging  whether it came in retail packaging that changes its measures
     * @param  bool  $staysInPackaging  whether it goes in that way
     * @return list<Task> in an order in which they can be done
     *
     * @throws TasksInACircle
     */
    public function piece(
        ItemKind $kind,
        array $traits,
        ?Source $source,
        bool $cameInPackaging,
        bool $staysInPackaging,
        AgeBand $band,
    ): array {
        if ($source === null) {
            return [];
        }
        $has = static fn (ItemTrait ...$any): bool => array_filter(
            $any,
            static fn (ItemTrait $trait): bool => in_array($trait, $traits, true),
        ) !== [];
        $isPuzzleInItsBox = in_array(Task::KeepPicture, $kind->tasks, true) && ! $this->schools->bagsPuzzles;
        $leavesShort = $kind->cordTenths !== null && $kind->cordTenths <= self::SHORT_CORD_TENTHS;

        $tasks = [
            ...($isPuzzleInItsBox ? [] : $kind->tasks),
            ...self::when($source->mayCarryAPrice(), Task::PriceOff),
            ...self::when(
                ($source->mayBeUsed() && $kind->category !== Category::Note) || $has(ItemTrait::Used),
                Task::LookOver,
            ),
            ...self::when(
                $cameInPackaging && ! $staysInPackaging && $this->schools->stripsPackaging,
                Task::Strip,
                Task::KeepInstructions,
            ),
            ...self::when($has(ItemTrait::Battery), Task::Test, Task::TapeBatteries),
            ...self::when($has(ItemTrait::Point, ItemTrait::Blade, ItemTrait::Needle), Task::CoverPoints),
            ...self::when($has(ItemTrait::Cord) && $band->fromYears < 3 && ! $leavesShort, Task::ShortenCord),
            ...self::when($has(ItemTrait::FoodLike), Task::MarkNotFood),
            ...self::when($has(ItemTrait::Scented, ItemTrait::Liquid, ItemTrait::Paste), Task::BagTwice),
            ...self::when($kind->form === Form::Loose, Task::Bag),
            ...self::when($kind->isWorn && $kind->form === Form::Cloth, Task::Fold),
            ...self::when($kind->cavity !== null && ! $kind->cavity->soft, Task::Fill),
            ...array_values(
                array_filter(array_map(static fn (Companion $companion): ?Task => $companion->task, $kind->companions)),
            ),
        ];

        // Twice in a bag is in a bag.
        return TaskOrder::sorted(
            in_array(Task::BagTwice, $tasks, true)
                ? array_values(array_filter($tasks, static fn (Task $task): bool => $task !== Task::Bag))
                : $tasks,
        );
    }

    /** @return list<Task> */
    private static function when(bool $isSo, Task ...$tasks): array
    {
        return $isSo ? array_values($tasks) : [];
    }
}

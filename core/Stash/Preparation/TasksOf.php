<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Preparation;

use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\Companion;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Packaging;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Thing;

/** What has to be done to a piece: from its kind, what it is like, how it came and how the crew likes to do things. */
final readonly class TasksOf
{
    /** A cord for a child under three may be this long, in tenths of a millimetre; see `Guide\Rules\Age\LongCords`. */
    public const SHORT_CORD_TENTHS = 2200;

    public function __construct(private Habits $habits = new Habits) {}

    /**
     * @param  Source|null  $source  null where it is not there yet: nothing is done to it then
     * @return list<Task> in an order in which they can be done
     *
     * @throws TasksInACircle
     */
    public function thing(Thing $thing, ?Source $source, AgeBand $band): array
    {
        if ($source === null) {
            return [];
        }
        [$kind, $traits] = [$thing->kind, $thing->traits];
        $has = static fn (ItemTrait ...$any): bool => array_filter(
            $any,
            static fn (ItemTrait $trait): bool => in_array($trait, $traits, true),
        ) !== [];
        $isPuzzleInItsBox = in_array(Task::KeepPicture, $kind->care->tasks, true) && ! $this->habits->bagsPuzzles;
        $leavesShort = $kind->body->cordTenths !== null && $kind->body->cordTenths <= self::SHORT_CORD_TENTHS;

        $tasks = [
            ...($isPuzzleInItsBox ? [] : $kind->care->tasks),
            ...self::when($source->mayCarryAPrice(), Task::PriceOff),
            ...self::when(
                ($source->mayBeUsed() && $kind->category !== Category::Note) || $has(ItemTrait::Used),
                Task::LookOver,
            ),
            ...self::when(
                $thing->measures->packaging === Packaging::ComesOff && $this->habits->stripsPackaging,
                Task::Strip,
                Task::KeepInstructions,
            ),
            ...self::when($has(ItemTrait::Battery), Task::Test, Task::TapeBatteries),
            ...self::when($has(ItemTrait::Point, ItemTrait::Blade, ItemTrait::Needle), Task::CoverPoints),
            ...self::when($has(ItemTrait::Cord) && $band->fromYears < 3 && ! $leavesShort, Task::ShortenCord),
            ...self::when($has(ItemTrait::FoodLike), Task::MarkNotFood),
            ...self::when($has(ItemTrait::Scented, ItemTrait::Liquid, ItemTrait::Paste), Task::BagTwice),
            ...self::when($kind->handling->form === Form::Loose, Task::Bag),
            ...self::when($kind->care->isWorn && $kind->handling->form === Form::Cloth, Task::Fold),
            ...self::when($kind->handling->cavity !== null && ! $kind->handling->cavity->soft, Task::Fill),
            ...array_values(
                array_filter(
                    array_map(static fn (Companion $companion): ?Task => $companion->task, $kind->care->companions),
                ),
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

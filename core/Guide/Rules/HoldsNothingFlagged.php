<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedy;
use PluckyWren\Core\Guide\TraitFlag;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TasksOf;

/** Notices every piece with a trait that the guide bars, is wary of for this band, or leaves open. */
final class HoldsNothingFlagged implements Rule
{
    public function findings(BoxContents $box): array
    {
        $findings = [];
        foreach ($box->held as $piece) {
            foreach ($box->guide->flags as $flag) {
                if (
                    $flag->holdsFor($box->band())
                        && $piece->has($flag->trait)
                        && ! $this->isAnswered($flag->trait, $piece)
                ) {
                    $findings[] = $this->finding($flag, $piece);
                }
            }
        }

        return $findings;
    }

    private function finding(TraitFlag $flag, Held $piece): Finding
    {
        $task = $this->answerTo($flag->trait);
        $remedies = [
            ...($task !== null && $piece->isOpen($task) ? [Remedy::do($piece->id, $task)] : []),
            ...($flag->weight->mustBeMended() ? [Remedy::takeOut($piece->piece())] : []),
        ];

        return new Finding(
            "trait.{$flag->trait->value}",
            $flag->weight,
            [$piece->id],
            $piece->name,
            $flag->why,
            $flag->remedy,
            '',
            $remedies,
        );
    }

    private function isAnswered(ItemTrait $trait, Held $piece): bool
    {
        $task = $this->answerTo($trait);
        $cord = $piece->itemKind?->cordTenths;

        return ($task !== null && $piece->isDone($task))
            || ($trait === ItemTrait::Cord && $cord !== null && $cord <= TasksOf::SHORT_CORD_TENTHS);
    }

    /** What can be done about a trait other than leaving the piece out. */
    private function answerTo(ItemTrait $trait): ?Task
    {
        return match ($trait) {
            ItemTrait::FoodLike => Task::MarkNotFood,
            ItemTrait::Cord => Task::ShortenCord,
            default => null,
        };
    }
}

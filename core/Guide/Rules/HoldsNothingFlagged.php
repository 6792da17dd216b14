<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedies\DoTask;
use PluckyWren\Core\Guide\Remedies\TakeOut;
use PluckyWren\Core\Guide\TraitFlag;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TasksOf;

/** Notices every piece with a trait that the guide bars, is wary of for this band, or leaves open. */
final class HoldsNothingFlagged implements PieceRule
{
    public function card(): RuleCard
    {
        return new RuleCard(['trait' => Weight::cases()], RuleCard::THE_GUIDE);
    }

    public function findings(BoxContents $box): array
    {
        $findings = [];
        foreach ($box->held as $piece) {
            foreach ($piece->thing->traits === [] ? [] : $box->flags as $flag) {
                if ($piece->has($flag->trait) && ! $this->isAnswered($flag->trait, $piece)) {
                    $findings[] = $this->finding($flag, $piece);
                }
            }
        }

        return $findings;
    }

    private function finding(TraitFlag $flag, Held $piece): Finding
    {
        $task = $this->answerTo($flag->trait);

        return Finding::onPiece(
            "trait.{$flag->trait->value}",
            $flag->weight,
            $piece,
            ['why' => $flag->why, 'remedy' => $flag->remedy],
            [
                ...($task !== null && $piece->isOpen($task) ? [new DoTask($piece->id, $task)] : []),
                ...($flag->weight->mustBeMended() ? [new TakeOut($piece->piece())] : []),
            ],
        )->saying('trait');
    }

    private function isAnswered(ItemTrait $trait, Held $piece): bool
    {
        $task = $this->answerTo($trait);
        $cord = $piece->thing->kind->body->cordTenths;

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

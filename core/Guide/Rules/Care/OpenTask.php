<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Care;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedies\DoTask;
use PluckyWren\Core\Guide\Rules\PieceRule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Preparation\Task;

/** Notices what should be done to a piece and is not done yet, where the guide does not ask for it itself. */
final readonly class OpenTask implements PieceRule
{
    /** @param ItemTrait|null $trait by which the guide would say it itself; null where no trait does */
    private function __construct(
        private string $id,
        private Task $task,
        private Weight $weight,
        private ?ItemTrait $trait = null,
    ) {}

    /** @return list<self> */
    public static function all(): array
    {
        return [
            new self('used.looks-new', Task::LookOver, Weight::Ask),
            new self('prepare.not-food', Task::MarkNotFood, Weight::Tip, ItemTrait::FoodLike),
            new self('prepare.batteries', Task::TapeBatteries, Weight::Tip),
            new self('privacy.envelope', Task::MarkEnvelope, Weight::Tip),
            new self('privacy.photo', Task::PhotoChoice, Weight::Ask),
            new self('privacy.tuck-away', Task::TuckAway, Weight::Tip),
        ];
    }

    public function card(): RuleCard
    {
        return new RuleCard([$this->id => [$this->weight]], RuleCard::COMMON_SENSE);
    }

    public function findings(BoxContents $box): array
    {
        if ($this->trait !== null && $box->guideFlags($this->trait)) {
            return [];
        }
        $open = array_filter($box->held, fn (Held $piece): bool => $piece->isOpen($this->task));

        return array_values(array_map(fn (Held $piece): Finding => Finding::onPiece(
            $this->id,
            $this->weight,
            $piece,
            remedies: [new DoTask($piece->id, $this->task)],
        ), $open));
    }
}

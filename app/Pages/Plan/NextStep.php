<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Pages\Pack\Preparation;
use App\Words\NeedWords;
use App\Words\Words;
use PluckyWren\Core\Box\Stage;

/** What is to be done next with a box, and where: the one step of its way that comes now. */
final readonly class NextStep
{
    /** @param bool $isPicking whether it is done in the box's picker */
    private function __construct(public string $says, public string $address, public bool $isPicking = false) {}

    /** @param int|null $tasks how many are open, where that is known already */
    public static function of(BoxSheet $sheet, ?int $tasks = null): self
    {
        $box = $sheet->box;
        $missing = $sheet->gauges->mustHaves->missing();
        if (! $box->stage->isOpen()) {
            return $box->stage === Stage::Packed
                ? new self(Words::of('plan/next.step.packed'), route('send'))
                : new self(Words::of('plan/next.step.gone'), route('log'));
        }
        if (count($sheet->gauges->flags->toMend()) > 0) {
            return new self(Words::of('plan/next.step.mend'), route('boxes.show', $box).'#flags');
        }
        if ($sheet->plan->pieces === []) {
            return new self(Words::of('plan/next.step.begin'), route('boxes.show', [$box, 'pick' => 1]), true);
        }
        if ($missing !== []) {
            return new self(
                Words::of('plan/next.step.missing', ['what' => NeedWords::lacking($missing[0])]),
                route('boxes.show', [$box, 'pick' => 1, 'need' => $missing[0]->need->id]),
                true,
            );
        }
        $toBuy = count($sheet->gauges->money->toBuy);
        if ($toBuy > 0) {
            return new self(trans_choice('plan/next.step.buy', $toBuy), route('shopping'));
        }
        $tasks ??= (new Preparation([$box]))->openOf($box);

        return $tasks > 0
            ? new self(trans_choice('plan/next.step.tasks', $tasks), route('boxes.prepare', $box))
            : new self(Words::of('plan/next.step.pack'), route('bench', $box));
    }
}

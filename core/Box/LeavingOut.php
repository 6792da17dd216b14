<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Fit\Answer\Leaving;
use PluckyWren\Core\Guide\NeedsFilled;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/** What leaving pieces out of a box would do to its must-haves. */
final readonly class LeavingOut
{
    private function __construct(public Leaving $leaving, public NeedsFilled $mustHaves) {}

    /**
     * What stays whatever else goes: by the packer's will, or because nothing else in the box fills its must-have.
     *
     * @return list<string> the pieces' ids
     *
     * @throws TasksInACircle
     */
    public static function staying(Plan $plan): array
    {
        $now = $plan->guide->needsFilled($plan->recipient, $plan->held())->filled();
        $staying = [];
        foreach ($plan->pieces as $piece) {
            $then = self::mustHavesAfter($plan, new Leaving([$piece->id => 1], 0.0, null))->filled();
            if ($piece->choices->packing->stays || $then < $now) {
                $staying[] = $piece->id;
            }
        }

        return $staying;
    }

    /**
     * Of several answers, those that lose the fewest must-haves, in their order: none that loses one while another
     * loses none.
     *
     * @param  list<Leaving>  $answers
     * @return list<self>
     *
     * @throws TasksInACircle
     */
    public static function gentlest(Plan $plan, array $answers): array
    {
        $foretold = array_map(
            /** @throws TasksInACircle */
            static fn (Leaving $leaving): self => new self($leaving, self::mustHavesAfter($plan, $leaving)),
            $answers,
        );
        $most = $foretold === [] ? 0 : max(array_map(
            static fn (self $one): int => $one->mustHaves->filled(),
            $foretold,
        ));

        return array_values(
            array_filter($foretold, static fn (self $one): bool => $one->mustHaves->filled() === $most),
        );
    }

    /** @throws TasksInACircle */
    private static function mustHavesAfter(Plan $plan, Leaving $leaving): NeedsFilled
    {
        $pieces = [];
        foreach ($plan->pieces as $piece) {
            $left = $piece->quantity - ($leaving->counts[$piece->id] ?? 0);
            if ($left > 0) {
                $pieces[] = $piece->times($left);
            }
        }
        $then = $plan->with(pieces: $pieces);

        return $plan->guide->needsFilled($plan->recipient, $then->held());
    }
}

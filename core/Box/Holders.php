<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\Riders;

/** Which piece of a box may ride in which other: pencils in a pouch, a shirt in a cup, a photo in an envelope. */
final readonly class Holders
{
    /** @var array<string, Item> by the piece's id, as nothing rides yet */
    private array $items;

    /** @var array<string, true> by the piece's id, those in which something rides */
    private array $holding;

    public function __construct(private Plan $plan)
    {
        $items = [];
        foreach ($plan->pieces as $piece) {
            $items[$piece->id] = FitProblem::item($piece->choosing(new PieceChoices), $plan);
        }
        $this->items = $items;
        $holding = [];
        foreach ($plan->pieces as $piece) {
            if ($piece->choices->into !== null) {
                $holding[$piece->choices->into] = true;
            }
        }
        $this->holding = $holding;
    }

    /** @return list<PlannedPiece> those that a piece may ride in as far as their measures tell at a glance */
    public function likelyFor(PlannedPiece $rider): array
    {
        return array_values(array_filter(
            $this->plan->pieces,
            fn (PlannedPiece $holder): bool => $this->refusalAtAGlance($rider, $holder) === null
                && $this->isSmallEnough($this->items[$rider->id], $this->items[$holder->id]),
        ));
    }

    /**
     * Why a piece cannot ride in another beside what rides there already; null where it can.
     *
     * @return 'itself'|'holds'|'rides'|'no-hollow'|'no-room'|null
     */
    public function refusal(PlannedPiece $rider, PlannedPiece $holder): ?string
    {
        $why = $this->refusalAtAGlance($rider, $holder);
        if ($why !== null) {
            return $why;
        }
        $into = self::single($holder);
        $items = [$this->items[$holder->id], $this->items[$rider->id]->riding($into)];
        foreach ($this->ridersOf($holder) as $other) {
            if ($other->id !== $rider->id) {
                $items[] = $this->items[$other->id]->riding($into);
            }
        }
        $riders = new Riders(new Problem($this->plan->boxKind->inside, $items), 1);

        return $riders->allRide() ? null : 'no-room';
    }

    /** @return list<PlannedPiece> what rides in a piece */
    public function ridersOf(PlannedPiece $holder): array
    {
        return array_values(array_filter(
            $this->plan->pieces,
            static fn (PlannedPiece $piece): bool => $piece->choices->into === $holder->id,
        ));
    }

    /** The id in the packing of the one piece of a thing in which others ride. */
    public static function single(PlannedPiece $holder): string
    {
        return $holder->quantity === 1 ? $holder->id : "{$holder->id}#1";
    }

    /** @return 'itself'|'holds'|'rides'|'no-hollow'|null */
    private function refusalAtAGlance(PlannedPiece $rider, PlannedPiece $holder): ?string
    {
        $item = $this->items[$holder->id];

        return match (true) {
            $rider->id === $holder->id => 'itself',
            isset($this->holding[$rider->id]) => 'holds',
            $holder->choices->into !== null => 'rides',
            $item->cavity === null && ! ($item->hasPages() && $this->items[$rider->id]->hasPages()) => 'no-hollow',
            default => null,
        };
    }

    private function isSmallEnough(Item $rider, Item $holder): bool
    {
        $own = $holder->size->sides();
        $cavity = $holder->cavity;
        $least = $rider->quantity * $rider->pressedVolume();
        if ($cavity === null || $cavity->soft) {
            return ! $rider->form->keepsItsSides() || $rider->size->sides()[0] <= $own[0];
        }
        $room = $cavity->round
            ? M_PI / 4 * $cavity->length ** 2 * $cavity->height
            : $cavity->room();

        return $least <= $room
            && (! $rider->form->keepsItsSides() || $rider->size->sides()[0] <= max($own));
    }
}

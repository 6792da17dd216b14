<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;

/**
 * Keeps a corner under the lid for the largest of what is to be seen first, before anything else is placed; once all
 * is in, it is let down onto what lies there by then.
 */
final readonly class UnderTheLid
{
    /** The number of the kind that lies there; null where nothing is to be seen first. */
    private ?int $kind;

    public function __construct(private BoxShape $box, private Repertoire $repertoire)
    {
        $volumes = [];
        foreach ($repertoire->kinds as $number => $kind) {
            if ($kind->model->firstSight && ! $kind->model->keepUpright) {
                $volumes[$number] = $kind->model->size->volume();
            }
        }
        arsort($volumes);
        $this->kind = array_key_first($volumes);
    }

    /** Determine if there is anything to keep a corner for. */
    public function isNeeded(): bool
    {
        return $this->kind !== null;
    }

    /**
     * Take the corner: another with each number, along or across the box.
     *
     * @param  int  $ceiling  how high anything may reach, in tenths of a millimetre
     */
    public function take(Room $room, int $ceiling, int $number): void
    {
        if ($this->kind === null) {
            return;
        }
        [$long, $broad, $thick] = $this->repertoire->kinds[$this->kind]->model->size->sides();
        [$l, $w] = intdiv($number, 4) % 2 === 0 ? [$long, $broad] : [$broad, $long];
        [$x1, $y1, $x2, $y2] = $this->box->freeBetween($ceiling - $thick, $thick);
        if ($thick > $ceiling || $l > $x2 - $x1 || $w > $y2 - $y1) {
            return;
        }
        $x = $number % 2 === 0 ? $x1 : $x2 - $l;
        $y = $number % 4 < 2 ? $y2 - $w : $y1;
        $room->left[$this->kind]--;
        $room->place([[$this->kind, [$x, $y, $ceiling - $thick, $x + $l, $y + $w, $ceiling]]], null, [0, 0, 0, 0.0]);
    }

    /**
     * Let it down onto what lies there.
     *
     * @param  list<Placement>  $placements
     * @param  array<string, Item>  $items  by id
     * @return list<Placement> without it where nothing carries it
     */
    public function letDown(array $placements, array $items): array
    {
        $id = $this->kind === null ? '' : $this->repertoire->kinds[$this->kind]->items[0]->id;
        $layout = Layout::of($this->box, $placements, $items);
        if ($layout !== null) {
            $isLast = static fn (array $row): bool => $row[0] === $id;
            usort($layout->rows, static fn (array $one, array $other): int => $isLast($one) <=> $isLast($other));
        }

        return $layout?->settled($layout->rows)
            ?? array_values(array_filter($placements, static fn (Placement $one): bool => $one->id !== $id));
    }
}

<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;

/** The blocks that a piece can be made into, as its form allows. */
final class Poses
{
    /** @var array<string, list<Pose>> */
    private array $turns = [];

    /**
     * The blocks of a piece that might go into a space.
     *
     * @return list<Pose>
     */
    public function of(Item $item, Space $space, Give $give, int $ceiling): array
    {
        $height = min($space->z2, $ceiling) - $space->z1;

        return match (true) {
            $item->form === Form::Soft => $give->presses() ? $this->pressed($item, $height) : $this->turned($item),
            $item->form->keepsItsSides() => $this->turned($item),
            default => $this->heaped($item, $space, $give, $height),
        };
    }

    /** @return list<Pose> the orientations of an unchanged block, each once */
    public function turned(Item $item): array
    {
        return $this->turns[
            "{$item->id}/{$item->size->length}/{$item->size->width}/{$item->size->height}"
        ] ??= self::orientations($item);
    }

    /** @return list<Pose> */
    private static function orientations(Item $item): array
    {
        $sides = $item->size->sides();
        $turns = Unit::single(0, [
            $item->size->length, $item->size->width, $item->size->height,
        ])->turns($item->keepUpright);

        return array_map(
            static fn (array $turn): Pose => new Pose($turn[0], $turn[1], $turn[2], How::standing($turn[2], ...$sides)),
            $turns,
        );
    }

    /** @return list<Pose> each orientation, pressed down as far as the height asks */
    private function pressed(Item $item, int $height): array
    {
        $poses = [];
        foreach ($this->turned($item) as $pose) {
            $least = (int) ceil($pose->h * $item->squeeze);
            $h = max($least, min($pose->h, $height));
            $poses[] = $h === $pose->h ? $pose : new Pose($pose->l, $pose->w, $h, How::Pressed);
        }

        return $poses;
    }

    /** @return list<Pose> folds of cloth, heaps of what is loose: at rest, and moulded to the space */
    private function heaped(Item $item, Space $space, Give $give, int $height): array
    {
        $poses = array_values(
            array_filter(
                $this->turned($item),
                static fn (Pose $pose): bool => min($pose->l, $pose->w, $pose->h) >= $item->leastSide(),
            ),
        );
        $longest = $item->form === Form::Cloth ? $item->size->sides()[0] : PHP_INT_MAX;
        $volume = (int) ceil($give->presses() ? $item->leastVolume() : $item->size->volume());
        $least = $item->leastSide();
        $deep = min($space->x2 - $space->x1, $longest);
        $broad = min($space->y2 - $space->y1, $longest);
        foreach (
            [
                [$deep, $broad],
                [$deep, intdiv($broad, 2)],
                [intdiv($deep, 2), $broad],
                [intdiv($deep, 2), intdiv($broad, 2)],
            ] as [$l, $w]
        ) {
            $pose = self::moulded($item, $l, $w, max(1, $height), $volume, $least);
            if ($pose !== null) {
                $poses[] = $pose;
            }
        }

        return $poses;
    }

    /**
     * A heap on the given footprint, drawn in where it would lie thinner than it can; folds do not stand up like a
     * chimney.
     */
    private static function moulded(Item $item, int $l, int $w, int $height, int $volume, int $least): ?Pose
    {
        if (min($l, $w) < $least) {
            return null;
        }
        $h = (int) ceil($volume / ($l * $w));
        if ($h < $least) {
            $h = min($least, $height);
            $w = max($least, (int) ceil($volume / ($l * $h)));
            $l = max($least, (int) ceil($volume / ($w * $h)));
        }

        $isChimney = $item->form === Form::Cloth && $h > max($l, $w);

        return $isChimney || $h < $least || $h > $height ? null : new Pose($l, $w, $h, How::heaped($item->form));
    }
}

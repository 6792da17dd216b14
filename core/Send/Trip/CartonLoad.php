<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Trip;

use PluckyWren\Core\Box\Carton;
use PluckyWren\Core\Measure\Size;

/**
 * How many of a drive's cartons some boxes fill, upright and lid on, and how they stand in them: layers of boxes first,
 * the highest boxes together, then layers into cartons.
 */
final readonly class CartonLoad
{
    /**
     * @param  list<non-empty-list<CartonLayer>>  $cartons  each from the floor up
     * @param  list<CartonBox>  $tooLarge  what goes into no such carton
     */
    private function __construct(public Size $carton, public array $cartons, public array $tooLarge) {}

    /** @param list<CartonBox> $boxes */
    public static function of(Size $carton, array $boxes): self
    {
        $isIn = static fn (CartonBox $box): bool => (new Carton($carton))->holds($box->outside) > 0;
        $left = array_values(array_filter($boxes, $isIn));
        // Those of one height stand together, as a layer is as high as its highest box.
        usort($left, static fn (CartonBox $a, CartonBox $b): int => [
            $b->outside->height, $b->outside->length * $b->outside->width, $a->kind, $a->label,
        ] <=> [$a->outside->height, $a->outside->length * $a->outside->width, $b->kind, $b->label]);
        $layers = [];
        while ($left !== []) {
            $layer = LayerFill::of($carton, $left);
            if ($layer === null) {
                break;
            }
            $layers[] = $layer;
            $placed = array_map(static fn (CartonPlace $place): CartonBox => $place->box, $layer->places);
            $left = array_values(array_filter(
                $left,
                static fn (CartonBox $box): bool => ! in_array($box, $placed, true),
            ));
        }

        return new self(
            $carton,
            LayerStacks::of($carton->height, $layers),
            array_values(array_filter($boxes, static fn (CartonBox $box): bool => ! $isIn($box))),
        );
    }

    /** How full a carton is, in hundredths of what it holds. */
    public function filled(int $carton): int
    {
        $volume = 0;
        foreach ($this->cartons[$carton] as $layer) {
            foreach ($layer->places as $place) {
                $volume += $place->box->outside->volume();
            }
        }

        return intdiv(100 * $volume, $this->carton->volume());
    }

    /**
     * Get how many boxes of the kind that goes in best a box of another takes the place of, in tenths: 26 says 2.6.
     *
     * @param  array<string, Size>  $kinds  outsides by kind
     * @return array<string, array{holds: int, tenths: int}> how many of each fill a carton, by kind, most first;
     *      without
     *     those that go into none
     */
    public static function wasted(Size $carton, array $kinds): array
    {
        $holds = array_filter(
            array_map((new Carton($carton))->holds(...), $kinds),
            static fn (int $count): bool => $count > 0,
        );
        arsort($holds);
        $most = max([0, ...$holds]);

        return array_map(
            static fn (int $count): array => [
                'holds' => $count, 'tenths' => intdiv(10 * $most + intdiv($count, 2), $count),
            ],
            $holds,
        );
    }
}

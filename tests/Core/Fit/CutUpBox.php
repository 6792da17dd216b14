<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Measure\Size;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A box cut into blocks by straight cuts, the highest of them taken away until a fifth is free: it is known that the
 * rest goes in.
 */
final class CutUpBox
{
    public static function problem(int $seed, int $blocks): Problem
    {
        $random = new Randomizer(new Mt19937($seed));
        $box = BoxShape::straight('Card box', 3180, 1960, 1120, 80);
        $cut = [[0, 3180, 1960, 1120]];
        while (count($cut) < $blocks) {
            usort(
                $cut,
                static fn (array $one, array $other): int => $other[1] * $other[2] * $other[3]
                    <=> $one[1] * $one[2] * $one[3],
            );
            [$z, $l, $w, $h] = array_shift($cut);
            $share = $random->getInt(30, 70) / 100;
            array_push($cut, ...match (true) {
                $h >= max($l, $w) / 2
                    && $h > 300
                    && $random->getInt(0, 2) === 0 => [
                        [$z, $l, $w, (int) ($h * $share)], [$z + (int) ($h * $share), $l, $w, $h - (int) ($h * $share)],
                    ],
                $l >= $w => [[$z, (int) ($l * $share), $w, $h], [$z, $l - (int) ($l * $share), $w, $h]],
                default => [[$z, $l, (int) ($w * $share), $h], [$z, $l, $w - (int) ($w * $share), $h]],
            });
        }
        usort(
            $cut,
            static fn (array $one, array $other): int => [$other[0] + $other[3], $other[0]] <=> [
                $one[0] + $one[3], $one[0],
            ],
        );
        for ($gone = 0; $gone < $box->volume() / 5;) {
            [, $l, $w, $h] = array_shift($cut) ?? [0, 0, 0, 0];
            $gone += $l * $w * $h;
        }

        return new Problem(
            $box,
            array_map(
                static fn (array $block, int $index): Item => new Item(
                    "block-{$index}",
                    'Block',
                    new Size(...$random->shuffleArray([$block[1], $block[2], $block[3]])),
                    Form::Rigid,
                ),
                $cut,
                array_keys($cut),
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace Bench\Fit;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Measure\Size;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Problems made from a seed, so that they are the same on every machine. */
final class Families
{
    /** No side of a cut piece is thinner, in tenths of a millimetre. */
    private const THINNEST = 80;

    /**
     * A box cut up into 25 to 45 blocks, of which those that reach highest are taken away until a share of the volume
     * is gone: the rest can be packed, and stands.
     */
    public static function cut(int $seed, float $removed): Problem
    {
        $random = new Randomizer(new Mt19937($seed));
        $box = self::standardBox();
        $blocks = self::cutUp(
            $random,
            [0, 0, 0, $box->topLength, $box->topWidth, $box->height],
            $random->getInt(25, 45),
        );
        usort($blocks, static fn (array $a, array $b): int => [$b[2] + $b[5], $b[2]] <=> [$a[2] + $a[5], $a[2]]);
        $gone = 0;
        while ($gone < $removed * $box->volume()) {
            $block = array_shift($blocks) ?? throw new \LogicException('There is nothing left.');
            $gone += $block[3] * $block[4] * $block[5];
        }
        $blocks = $random->shuffleArray($blocks);

        return new Problem($box, array_map(static function (array $block, int $index) use ($random): Item {
            [$l, $w, $h] = $random->shuffleArray([$block[3], $block[4], $block[5]]);

            return new Item("piece-{$index}", "Piece {$index}", new Size($l, $w, $h), Form::Rigid);
        }, $blocks, array_keys($blocks)));
    }

    /** A box cut up into so many blocks, all of them given. */
    public static function cutInto(int $seed, int $pieces): Problem
    {
        $box = self::standardBox();
        $blocks = self::cutUp(
            new Randomizer(new Mt19937($seed)),
            [0, 0, 0, $box->topLength, $box->topWidth, $box->height],
            $pieces,
        );

        return new Problem(
            $box,
            array_map(
                static fn (array $block, int $index): Item => new Item(
                    "piece-{$index}",
                    "Piece {$index}",
                    new Size($block[3], $block[4], $block[5]),
                    Form::Rigid,
                ),
                $blocks,
                array_keys($blocks),
            ),
        );
    }

    /** Things as they come, blocks, slabs, sheets, sticks and cups, up to a share of the volume. */
    public static function natural(int $seed, float $fill): Problem
    {
        $random = new Randomizer(new Mt19937($seed));
        $box = self::standardBox();
        $items = [];
        for ($volume = 0; ;) {
            $size = self::naturalSize($random);
            $volume += $size->volume();
            if ($volume > $fill * $box->volume()) {
                break;
            }
            $items[] = new Item('thing-'.count($items), 'Thing', $size, Form::Rigid);
        }

        return new Problem($box, $items);
    }

    /**
     * A box cut up as above, and each block made what it could be of: cloth and loose pieces of its volume, something
     * soft that is pressed into it, something bendable, a tin with its hollow cut up in turn; in every third a notebook
     * is bent up the right-hand wall before the rest is cut.
     */
    public static function mixed(int $seed, float $removed, bool $tapered): Problem
    {
        $random = new Randomizer(new Mt19937($seed));
        $box = $tapered ? new BoxShape('Tapered tub', 3180, 1960, 2900, 1720, 1120, 80) : self::standardBox();
        $whole = [0, 0, 0, $box->floorLength, $box->floorWidth, $box->height];
        $items = [];
        if ($seed % 3 === 0) {
            $thick = $random->getInt(40, 120);
            $leg = $random->getInt(400, 900);
            $items[] = new Item(
                'bent',
                'Notebook',
                new Size($whole[3] - $thick + $leg, $whole[4], $thick),
                Form::Bendable,
            );
            $whole = [0, 0, $thick, $whole[3] - $thick, $whole[4], $whole[5] - $thick];
        }
        $blocks = self::cutUp($random, $whole, $random->getInt(18, 34));
        usort($blocks, static fn (array $a, array $b): int => [$b[2] + $b[5], $b[2]] <=> [$a[2] + $a[5], $a[2]]);
        for ($gone = 0; $gone < $removed * $box->volume();) {
            $block = array_shift($blocks) ?? throw new \LogicException('There is nothing left.');
            $gone += $block[3] * $block[4] * $block[5];
        }
        foreach ($random->shuffleArray($blocks) as $number => $block) {
            array_push($items, ...self::madeOf($random, "piece-{$number}", [$block[3], $block[4], $block[5]]));
        }

        return new Problem($box, $items);
    }

    /**
     * @param  array{int, int, int}  $sides
     * @return list<Item>
     */
    private static function madeOf(Randomizer $random, string $id, array $sides): array
    {
        /** @var array{int, int, int} $sides */
        $sides = $random->shuffleArray($sides);
        [$l, $w, $h] = $sides;
        $give = $random->getInt(55, 90) / 100;
        $asBlock = static fn (Form $form, ?Cavity $cavity = null): Item => new Item(
            $id,
            ucfirst($id),
            new Size($l, $w, $h),
            $form,
            cavity: $cavity,
        );
        $thickened = new Size($l, $w, (int) floor($h / $give));

        return match ($random->getInt(0, 9)) {
            0, 1 => [new Item($id, 'Cloth', $thickened, Form::Cloth, squeeze: $give, minSide: min(200, ...$sides))],
            2, 3 => [new Item($id, 'Friend', $thickened, Form::Soft, squeeze: $give)],
            4 => [new Item($id, 'Beads', new Size($l, $w, $h), Form::Loose, minSide: min(200, ...$sides))],
            5 => [$asBlock(Form::Bendable)],
            6 => min($sides) > 350
                ? [
                    $asBlock(Form::Rigid, Cavity::block($l - 40, $w - 40, $h - 40)),
                    ...self::contents($random, $id, [0, 0, 0, $l - 40, $w - 40, $h - 40]),
                ]
                : [$asBlock(Form::Rigid)],
            default => [$asBlock(Form::Rigid)],
        };
    }

    /**
     * @param  array{int, int, int, int, int, int}  $hollow
     * @return list<Item>
     */
    private static function contents(Randomizer $random, string $id, array $hollow): array
    {
        $blocks = array_slice(self::cutUp($random, $hollow, 4), 0, 3);

        return array_map(
            static fn (array $block, int $number): Item => new Item(
                "{$id}-in-{$number}",
                'Inside',
                new Size($block[3], $block[4], $block[5]),
                Form::Rigid,
            ),
            $blocks,
            array_keys($blocks),
        );
    }

    private static function standardBox(): BoxShape
    {
        return BoxShape::straight('Straight card box', 3180, 1960, 1120, 80);
    }

    /**
     * @param  array{int, int, int, int, int, int}  $whole  x, y, z, l, w, h
     * @return list<array{int, int, int, int, int, int}>
     */
    private static function cutUp(Randomizer $random, array $whole, int $count): array
    {
        $blocks = [$whole];
        while (count($blocks) < $count) {
            // The larger a block, the sooner it is cut, and across a longer side sooner than across a shorter.
            usort($blocks, static fn (array $a, array $b): int => $b[3] * $b[4] * $b[5] <=> $a[3] * $a[4] * $a[5]);
            $at = min(count($blocks) - 1, $random->getInt(0, 3));
            $block = $blocks[$at];
            $axes = array_values(
                array_filter([0, 1, 2], static fn (int $axis): bool => $block[3 + $axis] >= 2 * self::THINNEST),
            );
            if ($axes === []) {
                continue;
            }
            usort($axes, static fn (int $a, int $b): int => $block[3 + $b] <=> $block[3 + $a]);
            $axis = $axes[$random->getInt(0, 9) < 6 ? 0 : $random->getInt(0, count($axes) - 1)];
            $share = $random->getInt(25, 75) / 100;
            $first = max(
                self::THINNEST,
                min($block[3 + $axis] - self::THINNEST, (int) round($block[3 + $axis] * $share)),
            );
            [$one, $other] = [$block, $block];
            $one[3 + $axis] = $first;
            $other[$axis] += $first;
            $other[3 + $axis] -= $first;
            array_splice($blocks, $at, 1, [$one, $other]);
        }

        return $blocks;
    }

    private static function naturalSize(Randomizer $random): Size
    {
        $spread = static fn (float $middle): float => $middle * exp(0.35 * self::normal($random));
        [$l, $w, $h] = match ($random->getInt(0, 4)) {
            0 => [$spread(750), $spread(550), $spread(400)],
            1 => [$spread(1700), $spread(1150), $spread(160)],
            2 => [$spread(2000), $spread(1400), $spread(50)],
            3 => [$spread(1700), $spread(140), $spread(120)],
            default => [$spread(800), $spread(750), $spread(850)],
        };

        return new Size(min(3100, max(60, (int) $l)), min(1900, max(50, (int) $w)), min(1100, max(20, (int) $h)));
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(-2 * log($random->getInt(1, 1_000_000) / 1_000_000)) * cos(
            2 * M_PI * $random->getInt(0, 1_000_000) / 1_000_000,
        );
    }
}

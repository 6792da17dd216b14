<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Measure\Size;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Mixed things for straight, tapered and widening boxes; the same for the same seed. */
final class RandomProblems
{
    public static function number(int $seed): Problem
    {
        $random = new Randomizer(new Mt19937($seed));
        $items = [];
        for ($number = $random->getInt(1, 14); $number > 0; $number--) {
            $items[] = self::item("thing-{$number}", $random);
        }

        return new Problem(self::box($random), $items, Order::cases()[$random->getInt(0, 2)]);
    }

    /** The same with bottles, tins and pouches among the things, and small things to go into them. */
    public static function withHollows(int $seed): Problem
    {
        $random = new Randomizer(new Mt19937($seed));
        $items = [];
        for ($number = $random->getInt(1, 3); $number > 0; $number--) {
            $items[] = self::holder("holder-{$number}", $random);
        }
        for ($number = $random->getInt(2, 8); $number > 0; $number--) {
            $form = Form::cases()[$random->getInt(0, 5)];
            $items[] = new Item(
                "small-{$number}",
                'Small',
                new Size($random->getInt(150, 1400), $random->getInt(80, 500), $random->getInt(50, 250)),
                $form,
                $random->getInt(1, 4),
                squeeze: $form === Form::Cloth || $form === Form::Soft ? 0.6 : 1.0,
                minSide: $form === Form::Cloth ? 60 : null,
            );
        }
        for ($number = $random->getInt(0, 8); $number > 0; $number--) {
            $items[] = self::item("thing-{$number}", $random);
        }

        return new Problem(self::box($random), $items, Order::cases()[$random->getInt(0, 2)]);
    }

    /** The same with several of some things that are to stay together, some of them in a bottle, and private ones. */
    public static function withBundles(int $seed): Problem
    {
        $random = new Randomizer(new Mt19937($seed));
        $items = [self::holder('holder', $random)];
        for ($number = $random->getInt(1, 4); $number > 0; $number--) {
            $form = Form::cases()[$random->getInt(0, 5)];
            $items[] = new Item(
                "several-{$number}",
                'Several',
                new Size($random->getInt(150, 1800), $random->getInt(70, 500), $random->getInt(10, 250)),
                $form,
                $random->getInt(2, 9),
                squeeze: $form === Form::Cloth || $form === Form::Soft ? 0.6 : 1.0,
                minSide: $form === Form::Cloth ? 60 : null,
                into: $random->getInt(0, 3) === 0 ? 'holder' : null,
                together: true,
                hidden: $random->getInt(0, 3) === 0,
            );
        }
        for ($number = $random->getInt(2, 8); $number > 0; $number--) {
            $items[] = self::item("thing-{$number}", $random);
        }

        return new Problem(self::box($random), $items, Order::cases()[$random->getInt(0, 2)]);
    }

    /** Only plain things, each easily held in one hand. */
    public static function ofSmallThings(int $seed): Problem
    {
        $random = new Randomizer(new Mt19937($seed));
        $items = [];
        for ($number = $random->getInt(8, 16); $number > 0; $number--) {
            $items[] = new Item(
                "thing-{$number}",
                'Thing',
                new Size($random->getInt(500, 1500), $random->getInt(250, 700), $random->getInt(100, 450)),
                Form::Rigid,
            );
        }

        return new Problem(self::box($random), $items, Order::cases()[$random->getInt(0, 2)]);
    }

    private static function holder(string $id, Randomizer $random): Item
    {
        [$length, $width, $height] = [
            $random->getInt(800, 2000), $random->getInt(600, 1100), $random->getInt(500, 900),
        ];
        $mouth = $random->getInt(200, 600);

        return match ($random->getInt(0, 2)) {
            0 => new Item(
                $id,
                'Bottle',
                new Size($length, $height, $height),
                Form::Rigid,
                cavity: Cavity::cylinder($height - 40, $length - 100, [$mouth]),
            ),
            1 => new Item(
                $id,
                'Tin',
                new Size($length, $width, $height),
                Form::Rigid,
                cavity: Cavity::block(
                    $length - 40,
                    $width - 40,
                    $height - 40,
                    $random->getInt(0, 1) === 0 ? [] : [$mouth, 2 * $mouth],
                ),
            ),
            default => new Item(
                $id,
                'Pouch',
                new Size(2100, 1100, $random->getInt(40, 120)),
                Form::Cloth,
                squeeze: 0.8,
                minSide: 40,
                cavity: Cavity::pouch(10),
            ),
        };
    }

    private static function box(Randomizer $random): BoxShape
    {
        [$length, $width, $height] = [
            $random->getInt(2000, 3600), $random->getInt(1400, 2500), $random->getInt(800, 1400),
        ];
        $slant = [0, 0, 180, -120][$random->getInt(0, 3)];

        return new BoxShape(
            'Box',
            $length,
            $width,
            $length - $slant,
            $width - $slant,
            $height,
            $random->getInt(0, 1) * 80,
        );
    }

    private static function item(string $id, Randomizer $random): Item
    {
        $form = Form::cases()[$random->getInt(0, 5)];
        [$length, $width, $height] = match ($form) {
            Form::Sheet => [$random->getInt(800, 3600), $random->getInt(500, 2200), $random->getInt(5, 40)],
            Form::Bendable => [$random->getInt(1500, 3000), $random->getInt(1000, 2300), $random->getInt(20, 150)],
            Form::Cloth => [$random->getInt(1000, 2600), $random->getInt(800, 2000), $random->getInt(80, 400)],
            default => [$random->getInt(100, 2200), $random->getInt(60, 1200), $random->getInt(50, 900)],
        };

        return new Item(
            $id, $id, new Size($length, $width, $height), $form, $random->getInt(1, 8) === 1 ? 3 : 1,
            (float) $random->getInt(1, 5),
            $random->getInt(1, 4) === 1, $random->getInt(1, 8) === 1, $random->getInt(1, 10) === 1, true,
            $form === Form::Cloth || $form === Form::Soft ? $random->getInt(50, 95) / 100 : 1.0, null, null,
            $random->getInt(1, 12) === 1,
        );
    }
}

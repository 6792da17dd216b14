<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Files;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Measure\Size;

/** The problem file, `plucky-wren/fit-problem@1`. */
final class ProblemFile
{
    public const FORMAT = 'plucky-wren/fit-problem@1';

    /** @throws MalformedFile If the text is not a problem; the message names $file and the field. */
    public static function read(string $json, string $file): Problem
    {
        return self::ofFields(Fields::ofJson($json, $file));
    }

    /** @throws MalformedFile */
    public static function ofFields(Fields $fields): Problem
    {
        $fields->format(self::FORMAT);
        $problem = new Problem(
            self::box($fields->object('box')),
            array_map(self::item(...), $fields->objects('items')),
            $fields->has('order') ? $fields->choice('order', Order::class) : Order::FlatsFirst,
            $fields->has('pinned') ? array_map(PlacementFields::read(...), $fields->objects('pinned')) : [],
        );
        $fields->ignore('meta');
        $fields->nothingElse();
        self::refuseTwins($problem, $fields);

        return $problem;
    }

    public static function write(Problem $problem): string
    {
        return json_encode([
            'format' => self::FORMAT,
            'box' => self::boxFields($problem->box),
            'order' => $problem->order->value,
            'items' => array_map(self::itemFields(...), $problem->items),
            'pinned' => array_map(PlacementFields::write(...), $problem->pinned),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT);
    }

    /** @throws MalformedFile */
    private static function refuseTwins(Problem $problem, Fields $fields): void
    {
        $seen = [];
        foreach ($problem->items as $index => $item) {
            foreach ($item->singles() as $single) {
                if (isset($seen[$single->id])) {
                    $fields->refuse("items[{$index}].id", 'is there twice');
                }
                $seen[$single->id] = true;
            }
        }
        $holders = $seen + array_fill_keys(array_column($problem->items, 'id'), true);
        foreach ($problem->items as $index => $item) {
            if ($item->into !== null && (! isset($holders[$item->into]) || $item->into === $item->id)) {
                $fields->refuse("items[{$index}].into", 'names no other item');
            }
            if ($item->into !== null && $item->cavity !== null) {
                $fields->refuse("items[{$index}].into", 'is only for what holds nothing itself');
            }
        }
        foreach ($problem->pinned as $index => $placement) {
            if (! isset($seen[$placement->id])) {
                $fields->refuse("pinned[{$index}].id", 'names no item');
            }
        }
    }

    /** @throws MalformedFile */
    private static function box(Fields $fields): BoxShape
    {
        $top = $fields->object('top');
        $floor = $fields->object('floor');
        $box = new BoxShape(
            $fields->has('name') ? $fields->text('name') : 'Box',
            $top->tenths('length'),
            $top->tenths('width'),
            $floor->tenths('length'),
            $floor->tenths('width'),
            $fields->tenths('height'),
            $fields->has('bulge') ? $fields->tenths('bulge', 0) : 0,
        );
        $top->nothingElse();
        $floor->nothingElse();
        $fields->nothingElse();

        return $box;
    }

    /** @throws MalformedFile */
    private static function item(Fields $fields): Item
    {
        $flag = static fn (string $name, bool $default): bool => $fields->has($name) ? $fields->truth($name) : $default;
        $item = new Item(
            $fields->text('id'),
            $fields->has('name') ? $fields->text('name') : $fields->text('id'),
            new Size($fields->tenths('length'), $fields->tenths('width'), $fields->tenths('height')),
            $fields->choice('form', Form::class),
            $fields->has('quantity') ? $fields->whole('quantity', 1, 1000) : 1,
            $fields->has('value') ? $fields->number('value', 0, 1_000_000) : 1.0,
            $flag('must', false),
            $flag('first_sight', false),
            $flag('keep_upright', false),
            $flag('measured', true),
            $fields->has('squeeze') ? $fields->number('squeeze', 0.05, 1) : 1.0,
            $fields->has('min_side') ? $fields->tenths('min_side') : null,
            $fields->has('cavity') ? self::cavity($fields->object('cavity')) : null,
            $flag('gentle', false),
            $fields->has('weight_g') ? $fields->number('weight_g', 0, 100_000) : null,
            $fields->has('into') ? $fields->text('into') : null,
            $flag('together', false),
            $flag('hidden', false),
        );
        $fields->ignore('meta');
        $fields->nothingElse();

        return $item;
    }

    /** @throws MalformedFile */
    private static function cavity(Fields $fields): Cavity
    {
        $is = static fn (string $name): bool => $fields->has($name) && $fields->truth($name);
        if ($is('soft')) {
            $cavity = Cavity::pouch($fields->has('wall') ? $fields->tenths('wall', 0) : 0);
            $fields->ignore('round');
            $fields->nothingElse();

            return $cavity;
        }
        $round = $is('round');
        $mouth = self::mouth($fields, $round);
        $cavity = $round
            ? Cavity::cylinder($fields->tenths('length'), $fields->tenths('height'), $mouth)
            : Cavity::block($fields->tenths('length'), $fields->tenths('width'), $fields->tenths('height'), $mouth);
        if ($round) {
            $fields->ignore('width');
        }
        $fields->nothingElse();

        return $cavity;
    }

    /**
     * @return list<int>
     *
     * @throws MalformedFile
     */
    private static function mouth(Fields $fields, bool $round): array
    {
        if (! $fields->has('mouth')) {
            return [];
        }
        $mouth = [];
        foreach ($fields->list('mouth') as $side) {
            $mouth[] = is_int($side) || is_float($side)
                ? (int) round($side * 10)
                : $fields->refuse('mouth', 'must hold millimetres');
        }

        return count($mouth) === ($round ? 1 : 2) && min($mouth) > 0
            ? $mouth
            : $fields->refuse('mouth', $round ? 'must hold one diameter' : 'must hold two sides');
    }

    /** @return array<string, mixed> */
    private static function boxFields(BoxShape $box): array
    {
        $mm = static fn (int $tenths): int|float => PlacementFields::tidy($tenths / 10);

        return [
            'name' => $box->name,
            'top' => ['length' => $mm($box->topLength), 'width' => $mm($box->topWidth)],
            'floor' => ['length' => $mm($box->floorLength), 'width' => $mm($box->floorWidth)],
            'height' => $mm($box->height),
            'bulge' => $mm($box->bulge),
        ];
    }

    /** @return array<string, mixed> what differs from the defaults */
    private static function itemFields(Item $item): array
    {
        $mm = static fn (?int $tenths): int|float|null => $tenths === null ? null : PlacementFields::tidy($tenths / 10);
        $fields = [
            'id' => $item->id, 'name' => $item->name,
            'length' => $mm($item->size->length),
            'width' => $mm($item->size->width),
            'height' => $mm($item->size->height),
            'form' => $item->form->value,
        ];
        $usual = [
            'quantity' => 1,
            'value' => 1,
            'must' => false,
            'first_sight' => false,
            'keep_upright' => false,
            'measured' => true,
            'squeeze' => 1,
            'min_side' => null,
            'cavity' => null,
            'gentle' => false,
            'weight_g' => null,
            'into' => null,
            'together' => false,
            'hidden' => false,
        ];
        $given = [
            'quantity' => $item->quantity,
            'value' => PlacementFields::tidy($item->value),
            'must' => $item->must,
            'first_sight' => $item->firstSight,
            'keep_upright' => $item->keepUpright,
            'measured' => $item->measured,
            'squeeze' => PlacementFields::tidy($item->squeeze),
            'min_side' => $mm($item->minSide),
            'cavity' => $item->cavity === null ? null : self::cavityFields($item->cavity),
            'gentle' => $item->gentle,
            'weight_g' => $item->weightG,
            'into' => $item->into,
            'together' => $item->together,
            'hidden' => $item->hidden,
        ];

        return $fields + array_filter(
            $given,
            static fn (mixed $value, string $name): bool => $value !== $usual[$name],
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return array<string, mixed> */
    private static function cavityFields(Cavity $cavity): array
    {
        $mm = static fn (int $tenths): int|float => PlacementFields::tidy($tenths / 10);
        if ($cavity->soft) {
            return ['soft' => true, 'wall' => $mm($cavity->wall)];
        }

        return (
            $cavity->round
                ? ['round' => true, 'length' => $mm($cavity->length)]
                : ['length' => $mm($cavity->length), 'width' => $mm($cavity->width)]
        )
            + ['height' => $mm($cavity->height)]
            + ($cavity->mouth === [] ? [] : ['mouth' => array_map($mm, $cavity->mouth)]);
    }
}

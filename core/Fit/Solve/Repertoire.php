<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;

/**
 * What there is to place, reckoned once for all attempts: the kinds of pieces, and the blocks that those which
 * keep their sides can join to.
 */
final readonly class Repertoire
{
    /** So many joined blocks are kept, and none is of more pieces than so many. */
    private const JOINED = 60;

    private const PIECES = 8;

    /** @var list<Kind> */
    public array $kinds;

    /** @var list<Unit> */
    public array $units;

    /** @param list<Item> $items */
    public function __construct(array $items)
    {
        $this->kinds = Kind::among($items);
        $singles = [];
        foreach ($this->kinds as $number => $kind) {
            foreach ($kind->model->form->keepsItsSides() ? $kind->model->arrangements() : [] as $size) {
                $singles[] = Unit::single(
                    $number,
                    $kind->model->keepUpright ? [$size->length, $size->width, $size->height] : $size->sides(),
                );
            }
        }
        $this->units = [...$singles, ...$this->joined($singles)];
    }

    /** @return array<string, int> the numbers of the kinds, by the ids of their pieces */
    public function numbers(): array
    {
        $numbers = [];
        foreach ($this->kinds as $number => $kind) {
            $numbers += array_fill_keys(array_column($kind->items, 'id'), $number);
        }

        return $numbers;
    }

    /** @return array{int, int, int, float} the least longest, middle and shortest side of all, and the least volume */
    public function smallest(): array
    {
        $smallest = [PHP_INT_MAX, PHP_INT_MAX, PHP_INT_MAX, INF];
        foreach ($this->kinds as $kind) {
            $smallest = Kind::lesser($smallest, $kind->leastMeasures());
        }

        return $smallest;
    }

    /** @return list<int> the numbers of the kinds of a form */
    public function ofForm(Form $form): array
    {
        return array_keys(array_filter($this->kinds, static fn (Kind $kind): bool => $kind->model->form === $form));
    }

    /** @return list<int> the numbers of the kinds that fold or pour */
    public function heaps(): array
    {
        return array_keys(
            array_filter($this->kinds, static fn (Kind $kind): bool => $kind->model->form->takesAnyShape()),
        );
    }

    /**
     * @param  list<Unit>  $singles
     * @return list<Unit>
     */
    private function joined(array $singles): array
    {
        $able = array_values(array_filter($singles, function (Unit $unit): bool {
            $kind = $this->kinds[array_key_first($unit->uses)];

            return $kind->model->blocks === []
                && ! $kind->model->keepUpright
                && ! $kind->model->gentle
                && ! $kind->model->firstSight;
        }));
        $joined = [];
        $found = [];
        for ($at = 0; $at < count($able) && count($joined) < self::JOINED; $at++) {
            for ($other = 0; $other <= $at; $other++) {
                foreach (
                    $this->thereAreEnough($able[$at], $able[$other])
                        ? $able[$at]->joinedWith($able[$other])
                        : [] as $unit
                ) {
                    $uses = $unit->uses;
                    ksort($uses);
                    $sides = $unit->sides;
                    rsort($sides);
                    $key = implode('/', $sides).'='.http_build_query($uses);
                    if (! isset($found[$key])) {
                        $found[$key] = true;
                        $joined[] = $able[] = $unit;
                    }
                }
            }
        }

        return array_slice($joined, 0, self::JOINED);
    }

    private function thereAreEnough(Unit $one, Unit $other): bool
    {
        if (array_sum($one->uses) + array_sum($other->uses) > self::PIECES) {
            return false;
        }
        foreach ($one->uses as $kind => $count) {
            if ($count + ($other->uses[$kind] ?? 0) > count($this->kinds[$kind]->items)) {
                return false;
            }
        }

        return true;
    }
}

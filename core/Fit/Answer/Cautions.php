<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Answer;

use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;

/**
 * What the geometry of a packing warns of: a bottle that a child cannot empty, a face under something hard, a lid
 * pushed up. All limits are estimates.
 */
final readonly class Cautions
{
    /** So full, as a share of its hollow, nothing shakes loose, whatever the mouth. */
    private const CROWDED = 0.75;

    /** So full it is hard to empty where the mouth is narrow or something long lies across it. */
    private const FULL = 0.5;

    /** A mouth this much narrower than the hollow counts as narrow. */
    private const NARROW = 0.75;

    /** A piece so many times as long as the mouth is wide catches on it. */
    private const LONG_FOR_MOUTH = 2.5;

    /**
     * The share of a soft piece's top that something hard must lie on, and its weight where that is known, in grams.
     */
    private const COVERS = 0.1;

    private const LIGHT_G = 40.0;

    /** From this share of the box on, a piece is long. */
    private const LONG = 0.7;

    /** Tenths of a millimetre. */
    private const CONTACT = 20;

    private const ABOVE_RIM = 10;

    /** @return list<Caution> */
    public static function of(Problem $problem, Result $result): array
    {
        $items = $problem->singles();
        $open = array_values(
            array_filter($result->placements, static fn (Placement $placement): bool => ! $placement->isNested()),
        );

        return [
            ...self::hardToEmpty($result, $items),
            ...self::hardOnSoft($open, $items),
            ...self::underTheLid($problem, $open, $items),
        ];
    }

    /**
     * @param  array<string, Item>  $items
     * @return list<Caution>
     */
    private static function hardToEmpty(Result $result, array $items): array
    {
        $contents = [];
        foreach ($result->placements as $placement) {
            if ($placement->in !== null) {
                $contents[$placement->in][] = $placement;
            }
        }
        $cautions = [];
        foreach ($contents as $holder => $inside) {
            $cavity = $items[$holder]->cavity;
            if ($cavity !== null && ! $cavity->soft && self::isHardToEmpty($cavity, $inside)) {
                $cautions[] = new Caution(CautionAbout::HardToEmpty, $holder, $inside[0]->id);
            }
        }

        return $cautions;
    }

    /**
     * Determine if a child could hardly get out again what lies in a hollow.
     *
     * @param  non-empty-list<Placement>  $inside
     */
    public static function isHardToEmpty(Cavity $cavity, array $inside): bool
    {
        $room = $cavity->height * ($cavity->round ? M_PI / 4 * $cavity->length ** 2 : $cavity->length * $cavity->width);
        $share = array_sum(
            array_map(static fn (Placement $placement): int => $placement->parts[0]->volume(), $inside),
        ) / $room;
        if ($cavity->mouth === []) {
            return false;
        }
        $mouth = min($cavity->mouth);
        $longest = max(
            array_map(
                static fn (Placement $placement): int => max(
                    $placement->parts[0]->l,
                    $placement->parts[0]->w,
                    $placement->parts[0]->h,
                ),
                $inside,
            ),
        );
        $catches = $mouth < self::NARROW * min($cavity->length, $cavity->width)
            || $longest > self::LONG_FOR_MOUTH * $mouth;

        return $share > self::CROWDED || ($share > self::FULL && $catches);
    }

    /**
     * @param  list<Placement>  $open
     * @param  array<string, Item>  $items
     * @return list<Caution>
     */
    private static function hardOnSoft(array $open, array $items): array
    {
        $cautions = [];
        foreach ($open as $soft) {
            // A ball without air or a pair of shoes takes no harm; what has a face or breaks does.
            $isTender = $items[$soft->id]->gentle || $items[$soft->id]->firstSight;
            if (! $isTender || $items[$soft->id]->form !== Form::Soft) {
                continue;
            }
            $friend = new Standing($soft->parts[0], $soft->angle, $items[$soft->id], false);
            foreach ($open as $hard) {
                $item = $items[$hard->id];
                if (
                    ! $item->form->keepsItsSides()
                        || ($item->weightG ?? INF) <= self::LIGHT_G
                        || $item->form === Form::Sheet
                ) {
                    continue;
                }
                $above = new Standing($hard->parts[0], $hard->angle, $item, false);
                if (
                    abs($above->part->z - $friend->top) <= self::CONTACT
                        && $above->sharedArea($friend) > self::COVERS * $friend->part->l * $friend->part->w
                ) {
                    $cautions[] = new Caution(CautionAbout::HardOnSoft, $hard->id, $soft->id);
                }
            }
        }

        return $cautions;
    }

    /**
     * @param  list<Placement>  $open
     * @param  array<string, Item>  $items
     * @return list<Caution>
     */
    private static function underTheLid(Problem $problem, array $open, array $items): array
    {
        $box = $problem->box;
        $cautions = [];
        foreach ($open as $placement) {
            $part = $placement->parts[0];
            if ($part->top() <= $box->height + self::ABOVE_RIM) {
                continue;
            }
            if (
                $items[$placement->id]->form->keepsItsSides() && max($part->l, $part->w) >= self::LONG * $box->topLength
            ) {
                $cautions[] = new Caution(CautionAbout::LongUnderLid, $placement->id);
            } elseif (self::isInTheMiddle($part, $box->topLength, $box->topWidth)) {
                $cautions[] = new Caution(CautionAbout::BulgeInTheMiddle, $placement->id);
            }
        }

        return $cautions;
    }

    private static function isInTheMiddle(Part $part, int $length, int $width): bool
    {
        $isMiddle = static fn (float $centre, int $whole): bool => $centre > $whole / 3 && $centre < $whole * 2 / 3;

        return $isMiddle($part->x + $part->l / 2, $length) && $isMiddle($part->y + $part->w / 2, $width);
    }
}

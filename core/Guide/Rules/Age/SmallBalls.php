<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedies\TakeOut;
use PluckyWren\Core\Guide\Rules\PieceRule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Stash\Shape;

/** Notices balls that can close a small child's throat. */
final class SmallBalls implements PieceRule
{
    private const YEARS = 3;

    public const LARGEST_TENTHS = 444;

    public function card(): RuleCard
    {
        return new RuleCard(
            ['age.small-ball' => [Weight::Hazard]],
            'US 16 CFR 1500.18(a)(17), balls of 1.75 inches (44.4 mm) or less for children under three',
        );
    }

    /** @throws InvalidLength */
    public function findings(BoxContents $box): array
    {
        $balls = $box->mayBeOpenedBelow(self::YEARS)
            ? array_filter($box->held, static fn (Held $piece): bool => self::diameter($piece) <= self::LARGEST_TENTHS)
            : [];

        return array_values(array_map(static fn (Held $ball): Finding => Finding::onPiece(
            'age.small-ball',
            Weight::Hazard,
            $ball,
            ['across' => Length::ofTenths(self::diameter($ball)), 'most' => Length::ofTenths(self::LARGEST_TENTHS)],
            [new TakeOut($ball->piece())],
        ), $balls));
    }

    /** Tenths of a millimetre across the ball itself, or the smallest in a set; beyond any where there is none. */
    private static function diameter(Held $piece): int
    {
        $kind = $piece->thing->kind;

        return match (true) {
            $kind->body->shape === Shape::Ball => $piece->thing->measures->size->sides()[0],
            $kind->body->smallest?->shape === Shape::Ball => $kind->body->smallest->size->sides()[0],
            default => PHP_INT_MAX,
        };
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\Answer\Outcome;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Closure;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Reason;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Verdict;
use PluckyWren\Core\Measure\Size;

final class OutcomeTest extends TestCase
{
    public function test_what_is_seen_matters_more_than_how_many_bands_hold_the_lid_and_what_stays_out_most(): void
    {
        $hidden = self::outcome(self::packing(tinOnVest: true), Verdict::Tight);
        $shown = self::outcome(self::packing(tinOnVest: false), Verdict::Flat);
        $shownTight = self::outcome(self::packing(tinOnVest: false), Verdict::Tight);
        $without = self::outcome(self::packing(tinOnVest: true), Verdict::Flat, new LeftOut('pen', Reason::NoRoom));

        self::assertTrue($hidden->isPreferredTo($shown));
        self::assertFalse($shown->isPreferredTo($hidden));
        self::assertTrue($shown->isBetterThan($hidden), 'where only the lid is asked about');
        self::assertTrue($shown->isPreferredTo($shownTight), 'of the same seen the lid decides');
        self::assertFalse($shownTight->isPreferredTo($shown));
        self::assertTrue($shownTight->isPreferredTo($without), 'all that goes in comes before either');
        self::assertFalse($without->isPreferredTo($shownTight));
    }

    /** @param list<Placement> $placements */
    private static function outcome(array $placements, Verdict $verdict, LeftOut ...$out): Outcome
    {
        $problem = new Problem(BoxShape::straight('Box', 3000, 2000, 1000, 80), [
            new Item('vest', 'Vest', Size::ofMm(100, 100, 20), Form::Cloth, hidden: true),
            new Item('tin', 'Tin', Size::ofMm(100, 100, 40), Form::Rigid),
            new Item('pen', 'Pen', Size::ofMm(140, 10, 10), Form::Rigid),
        ]);
        $closure = Closure::recorded($verdict, 0.0, 0.0, 0.0);

        return Outcome::of($problem, new Result($placements, array_values($out), $closure));
    }

    /** @return list<Placement> */
    private static function packing(bool $tinOnVest): array
    {
        return [
            new Placement('vest', 1, null, How::Refolded, 0.0, [new Part(0, 0, 0, 1000, 1000, 200)]),
            new Placement('tin', 2, null, How::Flat, 0.0, [
                $tinOnVest ? new Part(0, 0, 200, 1000, 1000, 400) : new Part(1000, 0, 0, 1000, 1000, 400),
            ]),
        ];
    }
}

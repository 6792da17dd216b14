<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Foretelling;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Findings;
use PluckyWren\Core\Guide\NeedsFilled;
use PluckyWren\Core\Guide\Rules\RuleBook;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Data;

/** What is foretold of picking a thing is what the gauges of the box say that has it. */
final class ForetellingTest extends TestCase
{
    public function test_it_comes_true_for_whatever_is_picked(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $rules = RuleBook::ofAllRules();
        [$ids, $brought] = [Data::catalogue()->ids(), 0];
        for ($round = 0; $round < 12; $round++) {
            $plan = self::planned($random, $ids);
            $foretelling = new Foretelling($plan, $rules);
            $now = count(Gauges::of($plan, null, $rules)->flags);
            foreach (array_slice($random->shuffleArray($ids), 0, 25) as $kind) {
                $picked = Plans::piece($kind, $random->getInt(1, 3), [250, 2], 'picked');
                $then = $foretelling->picked($picked);
                $gauges = Gauges::of($plan->withPicked($picked), null, $rules);

                self::assertEquals($gauges->money->total, $then->total);
                self::assertSame(self::filled($gauges->mustHaves), self::filled($then->mustHaves));
                self::assertSame(self::found($gauges->flags), self::found($then->flags), $kind);
                $brought += count($then->flags) <=> $now;
            }
        }
        self::assertGreaterThan(20, $brought, 'what is picked brings flags now and then');
    }

    /** @param list<string> $ids */
    private static function planned(Randomizer $random, array $ids): Plan
    {
        $pieces = [];
        foreach (array_slice($random->shuffleArray($ids), 0, 14) as $index => $kind) {
            $pieces[] = $random->getInt(0, 2) === 0
                ? PlannedPiece::toBuy("p{$index}", Data::catalogue()->get($kind), $random->getInt(1, 4))
                : Plans::piece($kind, $random->getInt(1, 4), [199, 3], "p{$index}");
        }

        return Plans::of(3000, ...$pieces);
    }

    /** @return array<string, int> */
    private static function filled(NeedsFilled $needs): array
    {
        $filled = [];
        foreach ($needs->states as $state) {
            $filled[$state->need->id] = $state->held;
        }

        return $filled;
    }

    /** @return list<string> */
    private static function found(Findings $findings): array
    {
        $found = array_map(
            static fn (Finding $finding): string => serialize([$finding->id, $finding->pieces, $finding->facts]),
            $findings->all,
        );
        sort($found);

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Guide;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Findings;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\ItemTrait;
use Tests\Core\Data;

final class FlagsTest extends TestCase
{
    /** @param array<string, string> $expected weights by finding */
    #[DataProvider('pieces')]
    public function test_a_trait_is_flagged_as_the_guide_says_for_the_band(
        ItemTrait $trait,
        string $band,
        array $expected,
    ): void {
        $findings = self::findings($band, Boxes::odd('p1', 'Thing', $trait));

        self::assertSame(
            $expected,
            array_combine(
                array_column($findings->all, 'id'),
                array_map(static fn (Finding $finding): string => $finding->weight->value, $findings->all),
            ),
        );
    }

    /** @return iterable<string, array{ItemTrait, string, array<string, string>}> */
    public static function pieces(): iterable
    {
        yield 'glass is barred for everyone' => [ItemTrait::Glass, '8-12', ['trait.glass' => 'bar']];
        yield 'small parts are a hazard for the youngest' => [
            ItemTrait::SmallPart, '2-3', ['trait.small-part' => 'hazard'],
        ];
        yield 'and no matter for older ones' => [ItemTrait::SmallPart, '4-7', []];
        yield 'balloons are a hazard under eight' => [ItemTrait::Balloon, '4-7', ['trait.balloon' => 'hazard']];
        yield 'not from eight on' => [ItemTrait::Balloon, '8-12', []];
        yield 'mirrors are asked about' => [ItemTrait::Mirror, '8-12', ['trait.mirror' => 'ask']];
        yield 'what looks like food is marked' => [ItemTrait::FoodLike, '2-3', ['trait.food-like' => 'tip']];
        yield 'scent alone is no matter yet' => [ItemTrait::Scented, '2-3', []];
    }

    public function test_findings_are_heaviest_first_then_as_the_guide_has_them_and_know_their_pieces(): void
    {
        $findings = self::findings(
            '2-3',
            Boxes::odd('p1', 'Clay', ItemTrait::FoodLike),
            Boxes::odd('p2', 'Yo-yo', ItemTrait::Cord, ItemTrait::SmallPart),
            Boxes::odd('p3', 'Jar', ItemTrait::Glass),
        );

        self::assertSame(
            ['trait.glass', 'trait.small-part', 'trait.cord', 'trait.food-like'],
            array_column($findings->all, 'id'),
        );
        self::assertCount(3, $findings->toMend());
        self::assertSame(['trait.small-part', 'trait.cord'], array_column($findings->onPiece('p2')->all, 'id'));
        self::assertTrue($findings->onPiece('p4')->isEmpty());
    }

    public function test_only_bars_and_hazards_must_be_mended(): void
    {
        $mend = array_filter(Weight::cases(), static fn (Weight $weight): bool => $weight->mustBeMended());

        self::assertSame([Weight::Bar, Weight::Hazard], array_values($mend));
    }

    private static function findings(string $band, Held ...$held): Findings
    {
        return RuleBook::ofAllRules()
            ->findings(Data::guide(), new Recipient(AgeBand::parse($band), Gender::Boy), array_values($held))
            ->ofWeight(Weight::Bar, Weight::Hazard, Weight::Ask, Weight::Tip);
    }
}

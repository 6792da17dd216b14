<?php

declare(strict_types=1);

namespace Tests\Core\Guide\Rules;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\Findings;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\Care\LeaksAreContained;
use PluckyWren\Core\Guide\Rules\Care\PricesAreOff;
use PluckyWren\Core\Guide\Rules\Needs\CountsAreUsual;
use PluckyWren\Core\Guide\Rules\Needs\NeedsAreFilled;
use PluckyWren\Core\Guide\Rules\Needs\NothingTwice;
use PluckyWren\Core\Guide\Rules\Needs\SetsAreWhole;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Source;
use Tests\Core\Data;
use Tests\Core\Guide\Boxes;

final class CareRulesTest extends TestCase
{
    /**
     * @param  list<Held>  $held
     * @param  list<string>  $found
     */
    #[DataProvider('cases')]
    public function test_a_rule_speaks_where_it_must_and_only_there(Rule $rule, array $held, array $found): void
    {
        self::assertSame($found, Boxes::ids($rule, '8-12', ...$held));
    }

    /** @return iterable<string, array{Rule, list<Held>, list<string>}> */
    public static function cases(): iterable
    {
        yield 'prices are one finding' => [
            new PricesAreOff,
            [Boxes::held('soap'), Boxes::held('comb'), Boxes::held('cup', done: [Task::PriceOff])],
            ['prepare.prices'],
        ];
        yield 'a thing of the house has no price' => [
            new PricesAreOff, [Boxes::held('soap', source: Source::OwnHouse)], [],
        ];
        yield 'a gift may bear its tag' => [
            new PricesAreOff, [Boxes::held('soap', source: Source::Given)], ['prepare.prices'],
        ];
        yield 'thrift wants looking over' => [
            Boxes::rule('used.looks-new'), [Boxes::held('doll', source: Source::Thrift)], ['used.looks-new'],
        ];
        yield 'thrift looked over' => [
            Boxes::rule('used.looks-new'), [Boxes::held('doll', source: Source::Thrift, done: [Task::LookOver])], [],
        ];
        yield 'toothpaste where it is allowed' => [
            new LeaksAreContained, [Boxes::held('toothpaste')], ['prepare.leaks'],
        ];
        yield 'toothpaste in two bags' => [
            new LeaksAreContained, [Boxes::held('toothpaste', done: [Task::BagTwice])], [],
        ];
        yield 'clay looks like food' => [
            Boxes::rule('prepare.not-food'), [Boxes::held('modelling-clay')], ['prepare.not-food'],
        ];
        yield 'clay that is marked' => [
            Boxes::rule('prepare.not-food'), [Boxes::held('modelling-clay', done: [Task::MarkNotFood])], [],
        ];
        yield 'bare batteries' => [Boxes::rule('prepare.batteries'), [Boxes::held('batteries')], ['prepare.batteries']];
        yield 'an envelope' => [
            Boxes::rule('privacy.envelope'), [Boxes::held('letter', source: Source::Made)], ['privacy.envelope'],
        ];
        yield 'a photo' => [
            Boxes::rule('privacy.photo'), [Boxes::held('photo-card', source: Source::Made)], ['privacy.photo'],
        ];
        yield 'underwear' => [Boxes::rule('privacy.tuck-away'), [Boxes::held('underwear', 2)], ['privacy.tuck-away']];
        yield 'a torch without batteries' => [
            new SetsAreWhole, [Boxes::held('torch-battery')], ['set.torch-battery.0'],
        ];
        yield 'a torch with batteries' => [
            new SetsAreWhole, [Boxes::held('torch-battery'), Boxes::held('batteries')], [],
        ];
        yield 'pads want a bag and washing soap' => [
            new SetsAreWhole, [Boxes::held('pads-washable')], ['set.pads-washable.0', 'set.pads-washable.1'],
        ];
        yield 'a mat without pens' => [new SetsAreWhole, [Boxes::held('wipe-mat')], ['set.wipe-mat.0']];
        yield 'a colouring book with crayons' => [
            new SetsAreWhole, [Boxes::held('colouring-book'), Boxes::held('crayons-thick')], [],
        ];
        yield 'a ball whose needle nobody saw' => [
            new SetsAreWhole, [Boxes::held('ball-and-pump')], ['set.ball-and-pump.0'],
        ];
        yield 'a ball whose needle is there' => [
            new SetsAreWhole, [Boxes::held('ball-and-pump', done: [Task::CheckParts])], [],
        ];
        yield 'two combs on two lines' => [
            new NothingTwice, [Boxes::held('comb', id: 'a'), Boxes::held('comb', id: 'b')], ['twice.same-kind'],
        ];
        yield 'a large and a small notebook are for two uses' => [
            new NothingTwice,
            [
                Boxes::held('notebook', 2, [210, 148, 9], id: 'a'),
                Boxes::held('notebook', 1, [148, 105, 9], id: 'b'),
            ],
            [],
        ];
        yield 'two combs on one line are a count' => [new NothingTwice, [Boxes::held('comb', 2)], []];
        yield 'two brushes are usual at that age' => [
            new NothingTwice, [Boxes::held('toothbrush', id: 'a'), Boxes::held('toothbrush', id: 'b')], [],
        ];
        yield 'a pen clipped into a notebook' => [
            new NothingTwice,
            [
                Boxes::held('comb'),
                Boxes::inKit('comb', 'Comb in a bag'),
            ],
            ['twice.hidden'],
        ];
        // Eight pencils are usual: sixteen are many, seven are few.
        yield 'sixteen pencils' => [new CountsAreUsual, [Boxes::held('pencils', 16)], ['count.many']];
        yield 'fifteen pencils' => [new CountsAreUsual, [Boxes::held('pencils', 15)], []];
        yield 'seven pencils' => [new CountsAreUsual, [Boxes::held('pencils', 7)], ['count.low']];
        yield 'eight pencils' => [new CountsAreUsual, [Boxes::held('pencils', 8)], []];
        yield 'two combs are no crowd' => [new CountsAreUsual, [Boxes::held('comb', 2)], []];
        yield 'three combs are' => [new CountsAreUsual, [Boxes::held('comb', 3)], ['count.many']];
    }

    public function test_a_need_inside_a_kit_counts_and_one_thing_fills_one_need(): void
    {
        $kit = Boxes::inKit('comb', 'Comb in a care bag');

        self::assertContains('missing.comb', Boxes::ids(new NeedsAreFilled, '8-12'));
        self::assertNotContains('missing.comb', Boxes::ids(new NeedsAreFilled, '8-12', $kit));
    }

    /** Property: taking a piece out never leaves fewer needs unfilled. */
    #[DataProvider('guides')]
    public function test_unfilled_needs_never_fall_when_a_piece_is_removed(string $id): void
    {
        mt_srand(20261125);
        $guide = Data::guide($id);
        $kinds = array_keys(Data::catalogue()->all());
        for ($try = 0; $try < 60; $try++) {
            $held = array_map(
                static fn (int $index): Held => Boxes::held(
                    $kinds[mt_rand(0, count($kinds) - 1)],
                    mt_rand(1, 4),
                    id: "p{$index}",
                ),
                range(1, 25),
            );
            $recipient = new Recipient(
                $guide->audience->bands[mt_rand(0, count($guide->audience->bands) - 1)],
                Gender::Girl,
            );
            $before = count($guide->needsFilled($recipient, $held)->missing());
            array_splice($held, mt_rand(0, 24), 1);
            self::assertGreaterThanOrEqual($before, count($guide->needsFilled($recipient, $held)->missing()));
        }
    }

    /** @return iterable<string, array{string}> */
    public static function guides(): iterable
    {
        yield 'this year’s' => ['pellwick-quay'];
        yield 'the older one' => ['harrow-ferry'];
    }

    public function test_a_finding_is_answered_with_a_reason_unless_a_measure_is_missing(): void
    {
        $findings = RuleBook::ofAllRules()->findings(
            Boxes::silentGuide(),
            new Recipient(AgeBand::parse('2-3'), Gender::Girl),
            [
                Boxes::held('skipping-rope', band: '2-3'),
                Boxes::held('washcloth', traits: [\PluckyWren\Core\Stash\ItemTrait::Cord], band: '2-3'),
            ],
        );
        $reasons = [
            'age.long-cord|skipping-rope' => 'Her grandmother holds the other end.',
            'measure.cord|washcloth' => 'Looks short.',
        ];

        self::assertContains('age.long-cord', self::ids($findings));
        $answered = $findings->overruledBy($reasons);
        self::assertNotContains('age.long-cord', self::ids($answered));
        self::assertContains('measure.cord', self::ids($answered));
        self::assertSame(['Her grandmother holds the other end.'], array_column($answered->overruled, 'because'));
        self::assertCount(1, $answered->onPiece('skipping-rope')->overruled);
    }

    /** @return list<string> */
    private static function ids(Findings $findings): array
    {
        return array_column($findings->all, 'id');
    }
}

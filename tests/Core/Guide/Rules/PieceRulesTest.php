<?php

declare(strict_types=1);

namespace Tests\Core\Guide\Rules;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\PieceRule;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Data;
use Tests\Core\Guide\Boxes;

/** A rule that looks at each piece by itself finds the same of it whatever lies beside it; the others do not. */
final class PieceRulesTest extends TestCase
{
    #[DataProvider('bands')]
    public function test_they_find_of_a_piece_alone_what_they_find_of_it_in_a_box(string $band): void
    {
        $random = new Randomizer(new Mt19937(11));
        $kinds = $random->shuffleArray(Data::catalogue()->ids());
        $found = [];
        foreach (array_chunk($kinds, 40) as $chunk) {
            $held = array_map(
                static fn (string $kind): Held => Boxes::held($kind, $random->getInt(1, 4), label: '116', band: $band),
                $chunk,
            );
            foreach (self::pieceRules() as $rule) {
                $inBox = self::told($rule, $band, $held);
                $alone = array_merge(...array_map(
                    static fn (Held $piece): array => self::told($rule, $band, [$piece]),
                    $held,
                ));
                sort($alone);
                self::assertSame($alone, $inBox, $rule::class);
                $found[$rule::class] = ($found[$rule::class] ?? 0) + count($inBox);
            }
        }
        $speaking = array_filter($found, static fn (int $times): bool => $times > 0);
        self::assertGreaterThan(4, count($speaking), 'something was found to compare');
    }

    /** @return iterable<string, array{string}> */
    public static function bands(): iterable
    {
        yield 'two and three' => ['2-3'];
        yield 'four to seven' => ['4-7'];
        yield 'eight to twelve' => ['8-12'];
    }

    public function test_a_rule_that_tells_of_several_pieces_at_once_is_none(): void
    {
        $both = [Boxes::held('soap'), Boxes::held('comb')];
        $rule = Boxes::rule('prepare.prices');

        self::assertNotInstanceOf(PieceRule::class, $rule);
        self::assertCount(1, self::told($rule, '4-7', $both));
        self::assertCount(1, self::told($rule, '4-7', [$both[0]]));
    }

    public function test_what_is_asked_of_the_pieces_and_of_the_whole_is_all_that_is_found(): void
    {
        $book = RuleBook::ofAllRules();
        $box = self::box('2-3', array_map(
            static fn (string $kind): Held => Boxes::held($kind, band: '2-3'),
            array_slice(Data::catalogue()->ids(), 0, 60),
        ));
        self::assertNotSame([], $book->ofPieces($box));
        self::assertNotSame([], $book->ofWhole($box));
        self::assertSame(
            self::ids($book->findingsIn($box)->all),
            self::ids([...$book->ofPieces($box), ...$book->ofWhole($box)]),
        );
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    private static function ids(array $findings): array
    {
        $ids = array_map(
            static fn (Finding $finding): string => $finding->id.' '.implode(' ', $finding->pieces),
            $findings,
        );
        sort($ids);

        return $ids;
    }

    /** @return list<Rule> */
    private static function pieceRules(): array
    {
        return array_values(array_filter(
            RuleBook::ofAllRules()->rules,
            static fn (Rule $rule): bool => $rule instanceof PieceRule,
        ));
    }

    /**
     * @param  list<Held>  $held
     * @return list<string>
     */
    private static function told(Rule $rule, string $band, array $held): array
    {
        $told = array_map(
            static fn (Finding $finding): string => serialize([
                $finding->id, $finding->says, $finding->weight, $finding->pieces, $finding->facts, $finding->remedies,
            ]),
            $rule->findings(self::box($band, $held)),
        );
        sort($told);

        return $told;
    }

    /** @param list<Held> $held */
    private static function box(string $band, array $held): BoxContents
    {
        return new BoxContents(Data::guide(), new Recipient(AgeBand::parse($band), Gender::Boy), $held);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Guides;

use App\Models\Box;
use App\Models\Crew;
use App\Models\User;
use App\Pages\Plan\BoxSheets;
use App\Words\FindingWords;
use App\Words\RuleList;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Lang;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Guide\Sizes\BandFit;
use PluckyWren\Core\Guide\Sizes\SizeLabel;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Recipient\AgeBand;
use Tests\Feature\TestCase;

/** The sentences of the rules: one for each thing that a rule may say, and none that nobody says. */
final class RuleWordsTest extends TestCase
{
    public function test_every_rule_has_its_words_and_no_words_are_left_over(): void
    {
        $keys = [];
        foreach (RuleBook::ofAllRules()->rules as $rule) {
            $keys = [...$keys, ...array_keys($rule->card()->says)];
            self::assertNotSame('', $rule->card()->source);
        }
        self::assertSame($keys, array_unique($keys), 'Each thing is said by one rule.');
        $words = array_diff(array_keys(Arr::dot((array) Lang::get('guides/rules'))), ['defers']);
        $said = array_unique(
            array_map(static fn (string $word): string => substr($word, 0, (int) strrpos($word, '.')), $words),
        );
        sort($keys);
        sort($said);

        self::assertSame($keys, $said);
        foreach ($keys as $key) {
            self::assertTrue(Lang::has("guides/rules.{$key}.why"), "Nobody says why of {$key}.");
            self::assertTrue(Lang::has("guides/rules.{$key}.remedy"), "Nobody says what to do about {$key}.");
        }
    }

    public function test_the_list_of_the_rules_is_the_one_that_is_published(): void
    {
        self::assertStringEqualsFile(
            base_path('docs/rules.md'),
            resolve(RuleList::class)->of(RuleBook::ofAllRules()),
            'Write it anew: php artisan rules:list > docs/rules.md',
        );
    }

    /** @param array<string, string|int|Length|Size|SizeLabel|BandFit> $facts */
    #[DataProvider('sentences')]
    public function test_a_finding_is_said_with_its_names_and_figures(string $says, array $facts, string $told): void
    {
        $finding = new Finding('x.y', $says, Weight::Ask, ['p'], $facts);
        $words = new FindingWords;

        self::assertSame(
            $told,
            implode(' / ', [
                $words->about($finding),
                $words->why($finding),
                $words->remedy($finding),
                $words->figures($finding),
            ]),
        );
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function sentences(): iterable
    {
        $defers = 'Follow your drive’s guide and the law where you are.';
        yield 'a length, and the caution that defers' => [
            'age.long-cord',
            ['name' => 'Kite', 'cord' => Length::ofTenths(3005), 'most' => Length::ofTenths(2200)],
            "Kite / A long cord can catch a small child’s neck. / Shorten it or leave it out. {$defers} / "
                .'300.5 mm of cord; 220 mm at most',
        ];
        yield 'one of several' => [
            'prepare.prices',
            ['count' => 1],
            'Prices / A price found after sealing tells a child what a gift cost. / '
                .'Take them off before anything is bagged or wrapped. / 1 piece may still carry one',
        ];
        yield 'several' => [
            'prepare.prices',
            ['count' => 3],
            'Prices / A price found after sealing tells a child what a gift cost. / '
                .'Take them off before anything is bagged or wrapped. / 3 pieces may still carry one',
        ];
        yield 'what a guide says is not read for placeholders again' => [
            'trait',
            ['name' => 'Jar', 'why' => 'It is :remedy.', 'remedy' => 'Leave it, :name.'],
            'Jar / It is :remedy. / Leave it, :name. / ',
        ];
        $label = SizeLabel::read('116', false) ?? self::fail('A height can be read.');
        yield 'a label and whom it fits' => [
            'size.covers-some',
            ['name' => 'Shirt', 'label' => $label, 'fit' => BandFit::of($label, AgeBand::parse('4-7'), false)],
            'Shirt / It fits some of this age group only. / Aim at the top of the age group: children grow. / '
                .'“116” means 110–116 cm of height; fits from about 3 to 6 years',
        ];
        $foot = SizeLabel::read('31-34', true) ?? self::fail('A shoe can be read.');
        yield 'two names, and a label of shoes' => [
            'size.outfit-disagrees',
            ['name' => 'Top', 'other' => 'Leggings', 'smaller' => $label, 'larger' => $foot],
            'Top and Leggings / They are for two children of different size. / '
                .'Choose clothes of one size, near the top of the age group. / '
                .'“116” means 110–116 cm of height against “31-34” means 19.2–21.2 cm of foot',
        ];
    }

    public function test_whatever_the_demo_boxes_are_told_stands_on_a_card_and_leaves_no_placeholder(): void
    {
        Auth::forgetGuards();
        $this->layTheDemoTable();
        $crew = Crew::query()->where('is_demo', true)->firstOrFail();
        $this->actingAs(User::query()->where('crew_id', $crew->id)->firstOrFail());
        $cards = array_merge(
            ...array_map(static fn (Rule $rule): array => $rule->card()->says, RuleBook::ofAllRules()->rules),
        );
        $words = new FindingWords;
        $told = [];
        foreach (resolve(BoxSheets::class)->known(Box::query()->with(Box::CONTENTS)->get()) as $sheet) {
            foreach ([...$sheet->gauges->flags->all, ...$sheet->gauges->missing->all] as $finding) {
                self::assertContains($finding->weight, $cards[$finding->says]);
                $said = implode(' ', [$words->about($finding), $words->why($finding), $words->remedy($finding)]);
                self::assertDoesNotMatchRegularExpression('/(^|\s):[a-z]/', $said.' '.$words->figures($finding));
                $told[$finding->says] = true;
            }
        }
        self::assertGreaterThan(12, count($told));
    }
}

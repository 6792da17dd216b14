<?php

declare(strict_types=1);

namespace Tests\Core;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Category;

/** What non-programmers edit keeps its shape, and its parts fit together. */
final class DataFilesTest extends TestCase
{
    #[DataProvider('files')]
    public function test_it_keeps_to_its_schema(string $file, string $schema): void
    {
        $data = json_decode((string) file_get_contents(Data::path($file)), false, 16, JSON_THROW_ON_ERROR);
        $error = (new Validator)
            ->validate($data, (string) file_get_contents(Data::path("schemas/{$schema}.schema.json")))
            ->error();

        self::assertNull(
            $error,
            $error === null ? '' : json_encode((new ErrorFormatter)->format($error), JSON_THROW_ON_ERROR),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function files(): iterable
    {
        foreach ((array) glob(Data::path('kinds/*.json')) as $path) {
            yield basename((string) $path) => ['kinds/'.basename((string) $path), 'kinds'];
        }
        foreach ((array) glob(Data::path('guides/*.json')) as $path) {
            yield basename((string) $path) => ['guides/'.basename((string) $path), 'guide'];
        }
        yield 'box-kinds.json' => ['box-kinds.json', 'box-kinds'];
        yield 'colours.json' => ['colours.json', 'colours'];
    }

    public function test_a_wrong_file_is_noticed(): void
    {
        $wrong = json_decode(
            '{"kinds": [{"id": "tub", "name": "Tub", "says": "", "top": [1], "floor": [1, 1], "height": 1, "bulge": '
                .'0, "outside": [1, 1, 1]}]}',
        );

        self::assertFalse(
            (new Validator)
                ->validate($wrong, (string) file_get_contents(Data::path('schemas/box-kinds.schema.json')))
                ->isValid(),
        );
    }

    public function test_there_are_about_a_hundred_kinds_and_some_in_every_lane(): void
    {
        $catalogue = Data::catalogue();

        self::assertGreaterThanOrEqual(100, count($catalogue->all()));
        foreach (Category::cases() as $lane) {
            self::assertNotSame([], $catalogue->ofCategory($lane), $lane->value);
        }
    }

    public function test_what_a_kind_is_better_with_exists(): void
    {
        $catalogue = Data::catalogue();
        foreach ($catalogue->all() as $kind) {
            foreach ($kind->care->companions as $companion) {
                foreach ($companion->anyOf as $other) {
                    self::assertTrue($catalogue->has($other), "{$kind->id} wants {$other}");
                }
            }
        }
    }

    public function test_cloth_and_loose_things_have_an_honest_least_side(): void
    {
        foreach (Data::catalogue()->all() as $kind) {
            if ($kind->handling->form === Form::Cloth || $kind->handling->form === Form::Loose) {
                self::assertNotNull($kind->handling->minSide, $kind->id);
                self::assertLessThanOrEqual(
                    $kind->body->size->sides()[2],
                    $kind->handling->minSide,
                    "{$kind->id} lies thinner than it can be made",
                );
            }
        }
    }

    #[DataProvider('guides')]
    public function test_a_guide_asks_for_kinds_that_exist_in_the_lane_they_belong_to(string $id): void
    {
        $catalogue = Data::catalogue();
        $guide = Data::guide($id);
        foreach ([...$guide->needs, ...$guide->wishes] as $need) {
            foreach ($need->accepts->kinds as $kind) {
                self::assertTrue($catalogue->has($kind), "{$need->id} asks for {$kind}");
            }
            self::assertSame($need->category, $catalogue->get($need->accepts->kinds[0])->category, $need->id);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function guides(): iterable
    {
        yield 'this year’s' => ['pellwick-quay'];
        yield 'the older one' => ['harrow-ferry'];
    }

    #[DataProvider('guides')]
    public function test_every_need_of_every_band_can_be_filled_by_something_usual_at_that_age(string $id): void
    {
        $catalogue = Data::catalogue();
        $guide = Data::guide($id);
        foreach ($guide->audience->bands as $band) {
            foreach ($this->askedOf($guide->needs, $band) as $need) {
                $usual = array_filter(
                    $need->accepts->kinds,
                    static fn (string $id): bool => array_filter(
                        $catalogue->get($id)->usage->counts,
                        static fn (array $usual): bool => $usual[0]->sharedYears($band) > 0,
                    ) !== [],
                );
                self::assertNotSame([], $usual, "{$need->id} for {$band->id()}");
            }
        }
    }

    #[DataProvider('guides')]
    public function test_every_flag_says_why_and_what_to_do_instead(string $id): void
    {
        foreach (Data::guide($id)->flags as $flag) {
            self::assertNotSame('', $flag->why);
            self::assertNotSame('', $flag->remedy);
        }
    }

    /**
     * @param  list<Need>  $needs
     * @return list<Need>
     */
    private function askedOf(array $needs, AgeBand $band): array
    {
        return array_values(
            array_filter(
                $needs,
                static fn (Need $need): bool => $need->countFor(new Recipient($band, Gender::Either)) > 0,
            ),
        );
    }
}

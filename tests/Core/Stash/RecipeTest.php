<?php

declare(strict_types=1);

namespace Tests\Core\Stash;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Stash\Making\Material;
use PluckyWren\Core\Stash\Making\Materials;
use PluckyWren\Core\Stash\Making\Recipe;
use Tests\Core\Box\Plans;
use Tests\Core\Data;

final class RecipeTest extends TestCase
{
    public function test_so_many_take_whole_pieces_and_an_exact_price(): void
    {
        // Three cloths and thread for 0.40 give eight pads.
        $pads = $this->recipe(8, 'fabric-piece', 3, 40, 90);

        self::assertSame(['fabric-piece' => 4], $pads->takes(10));
        self::assertSame(['fabric-piece' => 3], $pads->takes(8));
        self::assertSame(['fabric-piece' => 1], $pads->takes(1));
        // 10 of 8 batches of 0.40 are 0.50.
        self::assertSame('0.50', $pads->priced(10, Currency::of('EUR'))->plain());
        self::assertSame(113, $pads->minutesFor(10));
    }

    public function test_it_tells_how_many_can_be_made_and_what_is_short(): void
    {
        $pads = $this->recipe(8, 'fabric-piece', 3, 40, null);

        // Four cloths are enough for ten pads (3.75) and not for eleven (4.125).
        self::assertSame(10, $pads->canMake(['fabric-piece' => 4]));
        self::assertSame([], $pads->short(10, ['fabric-piece' => 4]));
        [[$cloth, $missing]] = $pads->short(20, ['fabric-piece' => 4]);
        self::assertSame(['fabric-piece', 4], [$cloth->kind?->id, $missing]);
        self::assertSame(0, $pads->canMake([]));
        self::assertNull($pads->minutesFor(8));
        $bought = new Recipe('Paper star', Data::catalogue()->get('bookmark'), 2, null, [
            Material::atPrice('paper', Plans::euro(30)),
        ]);
        self::assertNull($bought->canMake([]));
    }

    /** As many as can be made never lack anything, and one more always does. */
    public function test_what_can_be_made_is_what_the_stash_bears(): void
    {
        mt_srand(20261126);
        $kinds = ['fabric-piece', 'thread-spool', 'ribbon'];
        for ($try = 0; $try < 200; $try++) {
            $materials = $onHand = [];
            foreach (range(1, mt_rand(1, 4)) as $_) {
                $id = $kinds[mt_rand(0, 2)];
                $materials[] = Material::fromStash(Data::catalogue()->get($id), mt_rand(1, 7));
                $onHand[$id] = mt_rand(0, 30);
            }
            $recipe = new Recipe('x', Data::catalogue()->get('bookmark'), mt_rand(1, 9), null, $materials);
            $most = (int) $recipe->canMake($onHand);

            self::assertSame([], $most === 0 ? [] : $recipe->short($most, $onHand));
            self::assertNotSame([], $recipe->short($most + 1, $onHand));
        }
    }

    /** @param list<string>|string $materials */
    #[DataProvider('texts')]
    public function test_materials_are_read_as_people_write_them(string $text, array|string $materials): void
    {
        $read = Materials::read($text, Data::catalogue(), Currency::of('EUR'));

        self::assertSame($materials, is_string($read) ? $read : array_map(
            static fn (Material $one): string => ($one->kind->id ?? $one->name)." {$one->count} "
                .($one->price?->plain() ?? '-'),
            $read,
        ));
        if (is_array($read)) {
            self::assertEquals($read, Materials::read(
                Materials::written($read), Data::catalogue(), Currency::of('EUR'),
            ));
        }
    }

    /** @return iterable<string, array{string, list<string>|string}> */
    public static function texts(): iterable
    {
        yield 'from the stash and at a price' => [
            "3 piece of cloth\nsewing thread 0.40\n", ['fabric-piece 3 -', 'sewing thread 1 0.40'],
        ];
        yield 'one of it' => ['Ribbon', ['ribbon 1 -']];
        yield 'with a colon and a sign' => ['oil for 4: 1,20 €', ['oil for 4 1 1.20']];
        yield 'nothing' => ['', []];
        yield 'what is no kind and has no price' => ["2 ribbon\n3 gremlins", '3 gremlins'];
        yield 'none of it' => ['0 ribbon', '0 ribbon'];
        yield 'a price of nothing' => ['love 0.00', 'love 0.00'];
    }

    private function recipe(int $gives, string $kind, int $count, int $cents, ?int $minutes): Recipe
    {
        return new Recipe('Pad', Data::catalogue()->get('washcloth'), $gives, $minutes, [
            Material::fromStash(Data::catalogue()->get($kind), $count),
            Material::atPrice('thread', Plans::euro($cents)),
        ]);
    }
}

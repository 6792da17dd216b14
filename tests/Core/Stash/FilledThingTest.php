<?php

declare(strict_types=1);

namespace Tests\Core\Stash;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Stash\FilledThing;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\Thing;
use Tests\Core\Data;

final class FilledThingTest extends TestCase
{
    /**
     * @param  array<string, int>  $contents
     * @param  string|null  $stuck  the kind that does not all go in
     */
    #[DataProvider('fillings')]
    public function test_what_cannot_be_inside_is_told_with_how_many_would_be(
        string $holder,
        array $contents,
        ?string $stuck,
        int $least = 0,
        int $most = 0,
    ): void {
        $found = $this->filled($holder, $contents)->stuck();

        self::assertSame($stuck, $found === null ? null : $found[0]->kind->id);
        if ($found !== null) {
            self::assertGreaterThanOrEqual($least, $found[1]);
            self::assertLessThanOrEqual($most, $found[1]);
            // So many would, and one more would not.
            $would = array_filter(
                [...$contents, $stuck => $found[1]],
                static fn (int $count): bool => $count > 0,
            );
            self::assertNull($this->filled($holder, $would)->stuck());
        }
    }

    /** @return iterable<string, array{0: string, 1: array<string, int>, 2: string|null, 3?: int, 4?: int}> */
    public static function fillings(): iterable
    {
        yield 'two pairs of socks in a bottle' => ['water-bottle', ['socks' => 2], null];
        yield 'twenty are too many' => ['water-bottle', ['socks' => 20], 'socks', 1, 5];
        yield 'the rest beside them counts' => ['water-bottle', ['washcloth' => 1, 'socks' => 20], 'socks', 0, 5];
        yield 'a backpack in a sharpener' => ['sharpener', ['backpack' => 1], 'backpack', 0, 0];
        yield 'a notebook in a pencil case' => ['pencil-case', ['notebook' => 1], 'notebook', 0, 0];
        yield 'pencils in it' => ['pencil-case', ['pencils' => 12, 'eraser' => 1], null];
        yield 'a pencil in the coil of a notebook' => ['notebook-coil', ['pencils' => 1], null];
        yield 'two are one too many' => ['notebook-coil', ['pencils' => 2], 'pencils', 1, 1];
        yield 'nothing' => ['cup', [], null];
    }

    public function test_a_pouch_grows_round_what_is_in_it_and_a_cup_does_not(): void
    {
        $case = Data::catalogue()->get('pencil-case')->body->size;
        $one = $this->filled('pencil-case', ['pencils' => 1])->size();
        $full = $this->filled('pencil-case', ['pencils' => 40, 'eraser' => 2])->size();
        self::assertGreaterThan($one->volume(), $full->volume());
        self::assertLessThan(2 * $case->volume(), $one->volume());

        $cup = Data::catalogue()->get('cup')->body->size;
        self::assertEquals($cup, $this->filled('cup', ['washcloth' => 1])->size());
    }

    public function test_a_bottle_may_be_so_full_that_a_child_cannot_empty_it(): void
    {
        self::assertSame('socks', $this->filled('water-bottle', ['socks' => 2])->hardToEmpty()?->kind->id);
        self::assertNull($this->filled('water-bottle', ['eraser' => 2])->hardToEmpty());
        self::assertNull($this->filled('pencil-case', ['pencils' => 12])->hardToEmpty());
    }

    /** @param array<string, int> $contents */
    private function filled(string $holder, array $contents): FilledThing
    {
        $catalogue = Data::catalogue();

        return FilledThing::with(Thing::usual($catalogue->get($holder)), Inside::ofCounts($contents, $catalogue));
    }
}

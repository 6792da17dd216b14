<?php

declare(strict_types=1);

namespace Tests\Core\Stash;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\KindNames;
use Tests\Core\Data;

final class KindNamesTest extends TestCase
{
    /** So many are shown below what is typed. */
    private const SHOWN = 6;

    public function test_ninety_five_of_a_hundred_everyday_names_find_their_kind_first(): void
    {
        $catalogue = Data::catalogue();
        $names = self::everydayNames();
        self::assertGreaterThanOrEqual(150, count($names));
        $missed = $notShown = [];
        foreach ($names as $name => $kind) {
            $found = array_map(static fn (ItemKind $one): string => $one->id, $catalogue->found($name, self::SHOWN));
            ($found[0] ?? null) === $kind || $missed[] = "{$name}: ".implode(', ', $found);
            in_array($kind, $found, true) || $notShown[] = $name;
        }

        self::assertLessThanOrEqual(0.05 * count($names), count($missed), implode("\n", $missed));
        self::assertLessThanOrEqual(0.02 * count($names), count($notShown), implode("\n", $notShown));
    }

    public function test_half_a_name_is_enough_to_see_it(): void
    {
        $catalogue = Data::catalogue();
        $names = self::everydayNames();
        $notShown = [];
        foreach ($names as $name => $kind) {
            $half = mb_substr($name, 0, max(4, intdiv(2 * mb_strlen($name), 3)));
            $found = array_map(static fn (ItemKind $one): string => $one->id, $catalogue->found($half, self::SHOWN));
            in_array($kind, $found, true) || $notShown[] = "{$half}: ".implode(', ', $found);
        }

        self::assertLessThanOrEqual(0.1 * count($names), count($notShown), implode("\n", $notShown));
    }

    #[DataProvider('ways')]
    public function test_a_name_is_known_however_it_is_written(string $typed, ?string $kind): void
    {
        $names = new KindNames([
            'comb' => ['Comb', 'hair comb'], 'dish' => ['Dish'], 'cherry' => ['Cherry stone'], 'glass' => ['Glass'],
            'kit' => ['Comb and dish', 'comb'],
        ]);

        self::assertSame($kind, $names->exactly($typed));
    }

    /** @return iterable<array{string, string|null}> */
    public static function ways(): iterable
    {
        yield ['comb', 'comb'];
        yield ['  COMBS ', 'comb'];
        yield ['hair-combs', 'comb'];
        yield ['haircomb', 'comb'];
        yield ['a pair of combs', 'comb'];
        yield ['dishes', 'dish'];
        yield ['Cherry stones', 'cherry'];
        yield ['glass', 'glass'];
        yield ['glasses', 'glass'];
        yield ['comb & dish', 'kit'];
        yield ['brush', null];
        yield ['', null];
    }

    public function test_nothing_is_found_by_nothing(): void
    {
        self::assertSame([], Data::catalogue()->found('  ', 5));
        self::assertSame([], Data::catalogue()->found('qqzzx', 5));
    }

    public function test_no_two_kinds_are_called_the_same(): void
    {
        $whose = [];
        foreach (Data::kindFiles() as $file) {
            foreach ($file['kinds'] as $line) {
                foreach ([$line['name'], ...$line['also'] ?? []] as $name) {
                    $whose[mb_strtolower($name)][] = $line['id'];
                }
            }
        }

        self::assertSame([], array_filter($whose, static fn (array $ids): bool => count(array_unique($ids)) > 1));
    }

    public function test_a_kind_is_read_once(): void
    {
        $catalogue = Data::catalogue();

        self::assertSame($catalogue->get('soap'), $catalogue->get('soap'));
        self::assertStringContainsString('Retired', $catalogue->withRetired(['soap'])->get('soap')->name);
    }

    /** @return array<string, string> kinds by what people type */
    private static function everydayNames(): array
    {
        /** @var array<string, string> */
        return require __DIR__.'/everyday-names.php';
    }
}

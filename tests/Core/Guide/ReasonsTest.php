<?php

declare(strict_types=1);

namespace Tests\Core\Guide;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Reasons;
use PluckyWren\Core\Guide\Weight;

final class ReasonsTest extends TestCase
{
    /** @param list<string> $pieces of the finding */
    #[DataProvider('findings')]
    public function test_a_reason_holds_for_the_same_finding_on_a_set_that_grew_or_shrank(
        string $id,
        array $pieces,
        ?string $key,
        bool $canBeOverruled = true,
    ): void {
        $reasons = new Reasons(['twice.kind|a,b' => 'Both are wanted.', 'missing.soap|' => 'It comes later.']);
        $finding = new Finding($id, $id, Weight::Tip, $pieces, canBeOverruled: $canBeOverruled);

        self::assertSame($key, $reasons->keyFor($finding));
    }

    /** @return iterable<string, array{0: string, 1: list<string>, 2: string|null, 3?: bool}> */
    public static function findings(): iterable
    {
        yield 'the same' => ['twice.kind', ['a', 'b'], 'twice.kind|a,b'];
        yield 'the other way round' => ['twice.kind', ['b', 'a'], 'twice.kind|a,b'];
        yield 'one more' => ['twice.kind', ['a', 'b', 'c'], 'twice.kind|a,b'];
        yield 'one fewer' => ['twice.kind', ['b'], 'twice.kind|a,b'];
        yield 'one for another' => ['twice.kind', ['a', 'c'], null];
        yield 'others' => ['twice.kind', ['c', 'd'], null];
        yield 'another finding on the same' => ['twice.name', ['a', 'b'], null];
        yield 'on nothing' => ['missing.soap', [], 'missing.soap|'];
        yield 'on nothing, and now on something' => ['missing.soap', ['a'], null];
        yield 'on something, and now on nothing' => ['twice.kind', [], null];
        yield 'what only measuring answers' => ['twice.kind', ['a', 'b'], null, false];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Send\Note;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Send\Note\Doubt;
use PluckyWren\Core\Send\Note\NoteCheck;

final class NoteCheckTest extends TestCase
{
    /** @param list<string> $doubts */
    #[DataProvider('notes')]
    public function test_what_is_better_left_out_is_found_with_its_words(string $note, array $doubts): void
    {
        self::assertSame($doubts, array_map(
            static fn (Doubt $doubt): string => "{$doubt->kind->value}: {$doubt->found}",
            NoteCheck::of($note),
        ));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function notes(): iterable
    {
        yield 'nothing' => ['', []];
        yield 'a warm note' => ["Hello!\n\nI hope you like the kite. I am 9 years old.\n\nFrom Marla", []];
        yield 'first names of two' => ['With love from Marla and Ines', []];
        yield 'a theme in capitals' => ['I like the Tide Pool best. Do you like The Sea?', []];
        yield 'years and counts' => ['In 2026 we packed 31 boxes. We counted 1, 2, 3.', []];
        yield 'a road without a number' => ['We live near a long road by a lane.', []];
        yield 'a surname at the end' => ["Have fun!\nMarla Fenn", ['full-name: Marla Fenn']];
        yield 'a surname after a word' => ['My name is Ines O’Dale.', ['full-name: Ines O’Dale']];
        yield 'a street' => ['I live at 12 Wharf Lane in a blue house.', ['street: 12 Wharf Lane']];
        yield 'a street of another kind' => ['Ich wohne in der Hafenstraße 7.', ['street: Hafenstraße 7']];
        yield 'an e-mail' => ['Write to marla@example.org soon.', ['mail: marla@example.org']];
        yield 'a page' => ['See www.example.org/kites today.', ['web: www.example.org/kites']];
        yield 'a handle' => ['Find me as @marla_kites there.', ['web: @marla_kites']];
        yield 'a telephone' => ['Call +49 (30) 123-4567 some day.', ['phone: +49 (30) 123-4567']];
        yield 'a question for money' => ['Please ask for €20 for us.', ['money: €20']];
        yield 'giving' => ['You can donate too.', ['money: donate']];
        yield 'fifteen words' => [
            'We packed this box with our whole group because we wanted you to smile today. Bye!',
            ['long-sentence: We packed this box with …'],
        ];
        yield 'fourteen words' => ['We packed this box with our whole group because we wanted you to smile. Bye!', []];
        yield 'several' => [
            "Write to a@b.org or a@b.org.\nMarla Fenn",
            ['full-name: Marla Fenn', 'mail: a@b.org'],
        ];
    }
}

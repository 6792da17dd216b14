<?php

declare(strict_types=1);

namespace Tests\Core\Csv;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Csv\CsvText;

final class CsvTextTest extends TestCase
{
    /** @param list<list<string>> $rows */
    #[DataProvider('files')]
    public function test_it_reads_what_spreadsheets_write(string $bytes, array $rows): void
    {
        self::assertSame($rows, CsvText::read($bytes));
    }

    /** @return iterable<string, array{string, list<list<string>>}> */
    public static function files(): iterable
    {
        yield 'commas' => ["name,paid\nSoap,1.25\n", [['name', 'paid'], ['Soap', '1.25']]];
        yield 'semicolons and decimal commas' => ["name;paid\r\nSoap;1,25\r\n", [['name', 'paid'], ['Soap', '1,25']]];
        yield 'tabs' => ["name\tpaid\nSoap\t1", [['name', 'paid'], ['Soap', '1']]];
        yield 'quotes with a comma, a quote and a line break' => [
            "name,note\n\"Soap, pine\",\"say \"\"hi\"\"\nthere\"\n",
            [['name', 'note'], ['Soap, pine', "say \"hi\"\nthere"]],
        ];
        yield 'a byte order mark' => ["\xEF\xBB\xBFname,paid\n", [['name', 'paid']]];
        yield 'Windows-1252' => ["name;paid\nCr\xE8me \x80;2\n", [['name', 'paid'], ['Crème €', '2']]];
        yield 'UTF-16 with a mark' => [
            "\xFF\xFE".mb_convert_encoding("a;b\nü;1\n", 'UTF-16LE', 'UTF-8'), [['a', 'b'], ['ü', '1']],
        ];
        yield 'old line ends, spaces round cells' => ["a , b\r 1,2 \r", [['a', 'b'], ['1', '2']]];
        yield 'an empty last cell' => ["a,b\n1,", [['a', 'b'], ['1', '']]];
        yield 'an empty line keeps its place' => ["a\n\nb\n", [['a'], [''], ['b']]];
        yield 'a quote where none belongs' => ["a,b\n5\" pipe,2\nc,d\n", [['a', 'b'], ['5" pipe,2'], ['c', 'd']]];
        yield 'a separator within the quoted header' => ["\"a;b\",c\n1,2\n", [['a;b', 'c'], ['1', '2']]];
        yield 'nothing' => ['', []];
    }

    public function test_it_writes_cells_that_no_spreadsheet_runs_and_reads_them_back(): void
    {
        $rows = [['name', 'note', 'paid'], ['=SUM(A1)', "+1\n@x", '-1.25'], ['Soap, "pine"', "\u{00FC}; b", '1,25']];
        $text = CsvText::write($rows);

        self::assertStringContainsString("'=SUM(A1)", $text);
        self::assertStringContainsString('-1.25', $text);
        self::assertStringNotContainsString("'-1.25", $text);
        self::assertSame(
            $rows,
            array_map(static fn (array $row): array => array_map(CsvText::unguarded(...), $row), CsvText::read($text)),
        );
    }

    public function test_a_large_file_is_read_quickly_enough_to_be_read_at_once(): void
    {
        $rows = CsvText::read("name,paid\n".str_repeat("\"Soap, pine\",1.25\n", 10_000));

        self::assertCount(10_001, $rows);
        self::assertSame(['Soap, pine', '1.25'], $rows[10_000]);
    }
}

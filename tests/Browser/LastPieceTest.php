<?php

declare(strict_types=1);

namespace Tests\Browser;

use PDO;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\DemoServer;

/** Two people, one last piece, at the same moment, before a server with several workers. */
final class LastPieceTest extends TestCase
{
    private const ROUNDS = 12;

    public function test_the_second_is_told_and_nothing_is_lost(): void
    {
        $server = new DemoServer;
        try {
            $table = new PDO("sqlite:{$server->database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            $cookies = [];
            $page = $server->signedIn($cookies)('/boxes');
            preg_match('/name="_token" value="(\w+)"/', $page, $token);
            $boxes = self::column($table, "select id from boxes where stage in ('planned', 'gathering') order by number");
            [$pencils] = self::column($table, "select id from lots where kind = 'pencils'");
            for ($round = 0; $round < self::ROUNDS; $round++) {
                // One pencil is left each time, and every open box wants it at once.
                $table->exec("update lots set pieces = 1 + (select coalesce(sum(quantity), 0) from pieces where lot_id = lots.id) where id = '{$pencils}'");
                $codes = $server->atOnce(array_map(
                    static fn (string $box): array => ["/boxes/{$box}/pieces", ['_token' => $token[1] ?? '', 'lot' => $pencils, 'quantity' => 1]],
                    $boxes,
                ), $cookies);
                sort($codes);

                self::assertSame([200, ...array_fill(0, count($boxes) - 1, 422)], $codes);
                self::assertSame(['0'], self::column($table, "select pieces - (select sum(quantity) from pieces where lot_id = lots.id) from lots where id = '{$pencils}'"));
            }
        } finally {
            $server->end();
        }
    }

    /** @return list<string> */
    private static function column(PDO $table, string $query): array
    {
        $statement = $table->query($query);

        return $statement === false ? [] : array_map(strval(...), array_values($statement->fetchAll(PDO::FETCH_COLUMN)));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

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
            $table = $server->table();
            $cookies = [];
            $page = $server->signedIn($cookies)('/boxes');
            preg_match('/name="_token" value="(\w+)"/', $page, $token);
            $boxes = $server->column("select id from boxes where stage in ('planned', 'gathering') order by number");
            [$pencils] = $server->column("select id from lots where kind = 'pencils'");
            for ($round = 0; $round < self::ROUNDS; $round++) {
                // One pencil is left each time, and every open box wants it at once.
                $table->exec(
                    'update lots set pieces = 1 + (select coalesce(sum(quantity), 0) from pieces where lot_id = '
                        .'lots.id) '
                        ."where id = '{$pencils}'",
                );
                $codes = $server->atOnce(array_map(
                    static fn (string $box): array => [
                        "/boxes/{$box}/pieces", ['_token' => $token[1] ?? '', 'lot' => $pencils, 'quantity' => 1],
                    ],
                    $boxes,
                ), $cookies);
                sort($codes);

                self::assertSame([200, ...array_fill(0, count($boxes) - 1, 422)], $codes);
                self::assertSame(
                    ['0'],
                    $server->column(
                        'select pieces - (select sum(quantity) from pieces where lot_id = lots.id) from lots '
                            ."where id = '{$pencils}'",
                    ),
                );
            }
        } finally {
            $server->end();
        }
    }
}

<?php

declare(strict_types=1);

use Tests\Browser\Support\DemoServer;

/*
 * How long the log takes with many boxes, as a ratio to the same page with few: two thousand and twenty, or as many as
 * are asked for. Method: two servers of the same kind side by side, asked in turn; the median of each.
 * `php bench/log.php [rounds] [few] [many]`.
 */

require __DIR__.'/../vendor/autoload.php';

const MOST_TIMES = 2.5;

$rounds = max(5, (int) ($argv[1] ?? 60));
$few = max(2, (int) ($argv[2] ?? 20));
$many = max($few, (int) ($argv[3] ?? 2_000));

/** Copy a server's first logged box, with all that is in it, until there are so many. */
$fill = static function (DemoServer $server, int $boxes): void {
    $table = $server->table();
    $columns = static fn (string $of, string $with): array => array_diff(
        $table->query("select name from pragma_table_info('{$of}')")->fetchAll(PDO::FETCH_COLUMN),
        explode(' ', $with),
    );
    $copy = static function (string $of, string $own, array $from, string $where) use ($table, $columns): void {
        $rest = implode(', ', array_map(static fn (string $name): string => "\"{$name}\"", $columns($of, $own)));
        $into = implode(', ', array_keys($from));
        $values = implode(', ', $from);
        $table->exec("insert into {$of} ({$into}, {$rest}) select {$values}, {$rest} from {$of} where {$where}");
    };
    $first = $table->query('select box_id from log_boxes order by number')->fetchColumn();
    $table->beginTransaction();
    // The demo has some of its own; where fewer are asked for, the others are left out.
    $there = (int) $table->query('select count(*) from log_boxes')->fetchColumn();
    $kept = "select box_id from log_boxes order by number limit {$boxes}";
    $table->exec("delete from log_pieces where box_id not in ({$kept})");
    $table->exec("delete from log_boxes where box_id not in ({$kept})");
    for ($number = 1_000; $number < 1_000 + $boxes - $there; $number++) {
        $id = sprintf('01zz%022d', $number);
        $new = ['number' => (string) $number];
        $copy('boxes', 'id number', ['id' => "'{$id}'"] + $new, "id = '{$first}'");
        $copy('log_boxes', 'box_id number', ['box_id' => "'{$id}'"] + $new, "box_id = '{$first}'");
        $copy('log_pieces', 'id box_id', ['box_id' => "'{$id}'"], "box_id = '{$first}'");
    }
    $table->commit();
};
$servers = [$few => new DemoServer, $many => new DemoServer];
try {
    $open = [];
    foreach ($servers as $boxes => $server) {
        $open[$boxes] = $server->signedIn();
        $fill($server, $boxes);
    }
    $worst = 0.0;
    foreach (['all of it' => '/send/log', 'found by a word' => '/send/log?q=soap'] as $name => $path) {
        $times = [];
        for ($round = -5; $round < $rounds; $round++) {
            foreach ($open as $boxes => $get) {
                $started = hrtime(true);
                $page = $get($path);
                $took = (hrtime(true) - $started) / 1e6;
                str_contains($page, ">{$boxes} boxes.") || throw new RuntimeException("Not {$boxes} at {$path}.");
                if ($round >= 0) {
                    $times[$boxes][] = $took;
                }
            }
        }
        $medians = array_map(static function (array $of): float {
            sort($of);

            return $of[intdiv(count($of), 2)];
        }, $times);
        $ratio = $medians[$many] / $medians[$few];
        $worst = max($worst, $ratio);
        printf('%-18s %6.1f ms of %d, ', $name, $medians[$few], $few);
        printf("%6.1f ms of %d: %4.2f times\n", $medians[$many], $many, $ratio);
    }
} finally {
    array_walk($servers, static fn (DemoServer $server) => $server->end());
}
exit($worst <= MOST_TIMES ? 0 : 1);

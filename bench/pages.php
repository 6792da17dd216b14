<?php

declare(strict_types=1);

use Tests\Browser\Support\DemoServer;

/*
 * How long pages take, as a ratio to the layout with nothing in it, on the same server with the demo data.
 * Method: one request after another, the pages in turn, so that whatever else the machine does falls on all of them;
 * the median of each is taken. Run it by `php bench/pages.php [rounds]`.
 */

require __DIR__.'/../vendor/autoload.php';

/** What is asked of each page: at most so many times the empty layout. */
const MOST_TIMES = [
    'the shelf' => 2.5,
    'a box sheet' => 2.5,
    'a box sheet with its picker' => 3,
    'its picker, as it is opened' => 3,
    'the stash' => 2.5,
];

/** What opening the picker and its search send along, which brings the picker alone. */
const THE_PICKER_ALONE = ['HX-Request: true', 'HX-Target: div#beside'];

$rounds = max(5, (int) ($argv[1] ?? 150));
$server = new DemoServer(router: 'bench/router.php');
try {
    $get = $server->signedIn();
    $shelf = $get('/boxes');
    preg_match('~/boxes/(\w{26})"~', $shelf, $box) === 1 || throw new RuntimeException('The demo table does not open.');

    $pages = [
        'the empty layout' => '/bench/empty',
        'the shelf' => '/boxes',
        'what was handed in, as it is looked at' => '/boxes/handed-in',
        'a box sheet' => "/boxes/{$box[1]}",
        'a box sheet with its picker' => "/boxes/{$box[1]}?pick=1",
        'its picker, as it is opened' => "/boxes/{$box[1]}?pick=1&q=",
        'the stash' => '/gather',
    ];
    $times = array_fill_keys(array_keys($pages), []);
    for ($round = -5; $round < $rounds; $round++) {
        foreach ($pages as $name => $path) {
            $started = hrtime(true);
            $get($path, ...(str_contains($path, '&q=') ? THE_PICKER_ALONE : []));
            if ($round >= 0) {
                $times[$name][] = (hrtime(true) - $started) / 1e6;
            }
        }
    }
    $medians = array_map(static function (array $of): float {
        sort($of);

        return $of[intdiv(count($of), 2)];
    }, $times);
    foreach ($medians as $name => $median) {
        printf(
            "%-38s %6.1f ms   %4.2f times the empty layout\n",
            $name,
            $median,
            $median / $medians['the empty layout'],
        );
    }
    $tooSlow = array_filter(
        MOST_TIMES,
        static fn (float|int $most, string $name): bool => $medians[$name] > $most * $medians['the empty layout'],
        ARRAY_FILTER_USE_BOTH,
    );
    echo $tooSlow === []
        ? "All within what is asked of them.\n"
        : 'Over what is asked: '.implode(', ', array_keys($tooSlow)).".\n";
} finally {
    $server->end();
}
exit($tooSlow === [] ? 0 : 1);

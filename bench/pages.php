<?php

declare(strict_types=1);

use Tests\Browser\Support\DemoServer;

/*
 * How long pages take, as a ratio to the layout with nothing in it, on the same server with the demo data.
 * Method: one request after another, the pages in turn, so that whatever else the machine does falls on all of them;
 * the median of each is taken. Run it by `php bench/pages.php [rounds]`.
 */

require __DIR__.'/../vendor/autoload.php';

const MOST_TIMES_THE_EMPTY_PAGE = 3;

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
        ['the shelf', 'a box sheet'],
        static fn (string $name): bool => $medians[$name] > MOST_TIMES_THE_EMPTY_PAGE * $medians['the empty layout'],
    );
    echo $tooSlow === []
        ? 'Within '.MOST_TIMES_THE_EMPTY_PAGE." times.\n"
        : implode(' and ', $tooSlow).' took over '.MOST_TIMES_THE_EMPTY_PAGE." times as long.\n";
} finally {
    $server->end();
}
exit($tooSlow === [] ? 0 : 1);

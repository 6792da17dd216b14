<?php

declare(strict_types=1);

use App\Models\Crew;
use App\Models\Lot;
use Illuminate\Contracts\Console\Kernel;
use Tests\Browser\Support\DemoServer;

/*
 * How long the stash and the money page take with many lots, as a ratio to the same page with few: twenty thousand and
 * two hundred, or as many as are asked for. Method: two servers of the same kind side by side, asked in turn; the
 * median of each. `php bench/stash.php [rounds] [few] [many]`.
 */

require __DIR__.'/../vendor/autoload.php';

const MOST_TIMES = 2.5;

$rounds = max(5, (int) ($argv[1] ?? 60));
$few = max(1, (int) ($argv[2] ?? 200));
$many = max($few, (int) ($argv[3] ?? 20_000));

/** Fill a server's table up to so many lots of all kinds. */
$fill = static function (DemoServer $server, int $lots): void {
    putenv("DB_DATABASE={$server->database}");
    $app = require __DIR__.'/../bootstrap/app.php';
    $app->make(Kernel::class)->bootstrap();
    $crew = Crew::query()->where('is_demo', true)->firstOrFail();
    resolve(App\Crews\CrewInHand::class)->take($crew);
    $patterns = Lot::query()
        ->where('crew_id', $crew->id)
        ->get()
        ->map(static fn (Lot $lot): array => $lot->getAttributes())
        ->all();
    $rows = [];
    for ($number = count($patterns); $number < $lots; $number++) {
        $rows[] = [
            'id' => strtolower((string) Illuminate\Support\Str::ulid()),
            'name' => $patterns[$number % count($patterns)]['name']." {$number}",
        ] + $patterns[$number % count($patterns)];
    }
    foreach (array_chunk($rows, 500) as $chunk) {
        Lot::query()->insert($chunk);
    }
};
$servers = [$few => new DemoServer, $many => new DemoServer];
try {
    $open = [];
    foreach ($servers as $lots => $server) {
        $fill($server, $lots);
        $open[$lots] = $server->signedIn();
    }
    $times = [];
    foreach (
        [
            'all drawers' => '/gather',
            'one drawer' => '/gather?lane=care',
            'found by a word' => '/gather?q=soap',
            'money' => '/gather/money',
        ] as $name => $path
    ) {
        for ($round = -3; $round < $rounds; $round++) {
            foreach ($servers as $lots => $server) {
                $started = hrtime(true);
                $open[$lots]($path);
                if ($round >= 0) {
                    $times[$name][$lots][] = (hrtime(true) - $started) / 1e6;
                }
            }
        }
    }
    $median = static function (array $of): float {
        sort($of);

        return $of[intdiv(count($of), 2)];
    };
    $worst = 0.0;
    foreach ($times as $name => $of) {
        [$short, $long] = [$median($of[$few]), $median($of[$many])];
        // A word is looked for in every lot, so that ratio is told and not judged.
        $worst = $name === 'found by a word' ? $worst : max($worst, $long / $short);
        printf(
            "%-18s %6.1f ms with %d lots, %6.1f ms with %d: %.2f times\n",
            $name,
            $short,
            $few,
            $long,
            $many,
            $long / $short,
        );
    }
} finally {
    array_map(static fn (DemoServer $server) => $server->end(), $servers);
}
exit($worst <= MOST_TIMES ? 0 : 1);

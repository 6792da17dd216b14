<?php

declare(strict_types=1);

use App\Models\Box;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\Piece;
use Illuminate\Contracts\Console\Kernel;
use PluckyWren\Core\Measure\Size;
use Tests\Browser\Support\DemoServer;

/*
 * How much one crew's hardest boxes slow another crew's pages. Method: twelve boxes of one crew, as large and full as a
 * box can be, of things that lie straight nowhere, are opened all at once; meanwhile another crew's shelf is asked for
 * again and again. The median of those is set against the median when nothing else is asked for. `php bench/fair.php`.
 */

require __DIR__.'/../vendor/autoload.php';

const MOST_TIMES = 3;
const HARD_BOXES = 12;

$server = new DemoServer(with: ['WREN_FIT_CLOCK' => 'true']);
try {
    putenv("DB_DATABASE={$server->database}");
    $app = require __DIR__.'/../bootstrap/app.php';
    $app->make(Kernel::class)->bootstrap();
    $demo = Crew::query()->where('is_demo', true)->firstOrFail();
    resolve(App\Crews\CrewInHand::class)->take($demo);
    $pattern = Lot::query()->where('crew_id', $demo->id)->where('kind', 'notebook')->firstOrFail();
    $boxes = [];
    for ($number = 0; $number < HARD_BOXES; $number++) {
        $model = Box::query()->where('crew_id', $demo->id)->where('number', 1)->firstOrFail();
        $box = $model->replicate();
        $box->fill([
            'number' => 100 + $number,
            'theme' => "Hard {$number}",
            'box_kind' => 'own',
            'own_size' => new Size(6000, 6000, 6000),
            'own_floor_length_tenths' => 4800,
            'own_floor_width_tenths' => 4800,
        ]);
        $box->save();
        for ($kind = 0; $kind < 5; $kind++) {
            $lot = $pattern->replicate(['set_aside']);
            $lot->fill([
                'name' => "Long {$number}-{$kind}",
                'pieces' => 50,
                'size' => new Size(6500 + 37 * $kind, 600 + 10 * $number, 40),
                'packaged' => null,
            ]);
            $lot->save();
            Piece::query()->create([
                'crew_id' => $demo->id,
                'box_id' => $box->id,
                'lot_id' => $lot->id,
                'quantity' => 50,
            ]);
        }
        $boxes[] = $box->id;
    }
    // Another crew, signed in by a session of its own.
    $cookies = $hard = [];
    $server->signedIn($hard);
    $server->registered('Lock Keepers', 'odile@example.test', 'three words apart', $cookies);

    $ask = static function () use ($server, $cookies): float {
        $started = hrtime(true);
        str_contains($server->fetch('/boxes', $cookies), 'Your first box')
            || throw new RuntimeException('The other crew does not see its shelf.');

        return (hrtime(true) - $started) / 1e6;
    };
    $median = static function (array $of): float {
        sort($of);

        return $of[intdiv(count($of), 2)];
    };
    $idle = array_map($ask, range(1, 30));
    $many = curl_multi_init();
    $handles = [];
    foreach ($boxes as $id) {
        $curl = curl_init("{$server->address}/boxes/{$id}");
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIE => implode('; ', $hard)]);
        curl_multi_add_handle($many, $curl);
        $handles[] = $curl;
    }
    $started = hrtime(true);
    $pid = pcntl_fork();
    if ($pid === 0) {
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.05);
        } while ($running > 0);
        $codes = array_map(
            static fn (CurlHandle $curl): int => (int) curl_getinfo($curl, CURLINFO_HTTP_CODE),
            $handles,
        );
        file_put_contents("{$server->database}.codes", json_encode([$codes, (hrtime(true) - $started) / 1e6]));
        posix_kill((int) getmypid(), SIGKILL);
    }
    $busy = [];
    while (pcntl_waitpid($pid, $status, WNOHANG) === 0) {
        $busy[] = $ask();
    }
    [$codes, $took] = json_decode((string) file_get_contents("{$server->database}.codes"), true);
    printf(
        "%d hard boxes answered %s within %.1f s; another crew's shelf meanwhile: %.0f ms (%d times asked), alone "
            ."%.0f ms: %.1f times\n",
        HARD_BOXES,
        implode(',', array_unique($codes)),
        $took / 1000,
        $median($busy),
        count($busy),
        $median($idle),
        $median($busy) / $median($idle),
    );
} finally {
    $server->end();
}
exit($median($busy) <= MOST_TIMES * $median($idle) ? 0 : 1);

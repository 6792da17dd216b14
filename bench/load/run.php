<?php

declare(strict_types=1);

use App\Models\Crew;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Browser\Support\DemoServer;

/*
 * Twenty people at once, each with a page every two seconds, on the server that runs it for real, with fifty crews of
 * two thousand lots: whether anything fails, and how long the slowest pages take against the same pages for one person
 * alone. The client is not ours. `php bench/load/run.php [seconds] [crews] [lots]`
 */

require __DIR__.'/../../vendor/autoload.php';

const PEOPLE = 20;
const PAGES_A_SECOND = 10;

$seconds = max(5, (int) ($argv[1] ?? 600));
$crews = max(1, (int) ($argv[2] ?? 50));
$lots = max(1, (int) ($argv[3] ?? 2_000));

$server = new DemoServer(
    with: ['WREN_ALLOW_ROOT' => '1', 'APP_ENV' => 'production'],
    command: 'exec bin/serve --host=127.0.0.1 --port={port} --state={folder}/serve',
);
try {
    putenv("DB_DATABASE={$server->database}");
    $app = require __DIR__.'/../../bootstrap/app.php';
    $app->make(Kernel::class)->bootstrap();
    $demo = Crew::query()->where('is_demo', true)->firstOrFail();
    $patterns = array_map(
        static fn (object $row): array => (array) $row,
        DB::table('lots')->where('crew_id', $demo->id)->get()->all(),
    );
    for ($number = 0; $number < $crews; $number++) {
        $crew = $number === 0
            ? $demo
            : Crew::query()->create(['name' => "Crew {$number}", 'currency' => $demo->currency]);
        $rows = [];
        for ($lot = $number === 0 ? count($patterns) : 0; $lot < $lots; $lot++) {
            $rows[] = [
                'id' => strtolower((string) Str::ulid()), 'crew_id' => $crew->id, 'import_key' => null,
            ] + $patterns[$lot % count($patterns)];
        }
        foreach (array_chunk($rows, 400) as $chunk) {
            DB::table('lots')->insert($chunk);
        }
    }
    echo "{$crews} crews with {$lots} lots each.\n";
    $cookies = [];
    preg_match('~/boxes/(\w{26})"~', $server->signedIn($cookies)('/boxes'), $box);
    $paths = ['/boxes', '/gather', "/boxes/{$box[1]}", '/gather/shopping', '/gather/write', '/lately', '/pack/day'];
    $fire = static function (int $seconds, int $people, int $rate) use ($server, $cookies, $paths): array {
        $command = [
            'node', 'bench/load/fire.mjs', $server->address, implode('; ', $cookies),
            $seconds, $people, $rate, ...$paths,
        ];
        $words = array_map(static fn ($one): string => escapeshellarg((string) $one), $command);
        $said = shell_exec(implode(' ', $words));

        return (array) json_decode((string) $said, true);
    };
    $fire(5, 2, 2);
    $alone = $fire(min(60, $seconds), 1, 1);
    $together = $fire($seconds, PEOPLE, PAGES_A_SECOND);
    foreach (['one person alone' => $alone, PEOPLE.' people' => $together] as $who => $of) {
        printf(
            "%-18s %6d pages, half within %5d ms, 97.5 %% within %5d ms, the slowest %5d ms; %d failed\n",
            $who,
            $of['pages'],
            $of['p50'],
            $of['p97'],
            $of['max'],
            $of['errors'] + $of['timeouts'] + $of['non2xx'],
        );
    }
    $times = $together['p97'] / max(1, $alone['p97']);
    printf("97.5 %% of the pages take %.2f times as long as for one alone.\n", $times);
} finally {
    $server->end();
}

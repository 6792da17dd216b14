<?php

declare(strict_types=1);

namespace Tests\Trouble;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Browser\Support\DemoServer;

/**
 * The server is killed in the middle of a press at the bench, again and again: at most the press that was not answered
 * is lost, and sent again it counts once.
 */
final class BenchKillTest extends TestCase
{
    public function test_at_most_the_press_that_was_not_answered_is_lost(): void
    {
        $chance = new Randomizer(new Mt19937(Trouble::seed()));
        $server = new DemoServer;
        try {
            $cookies = [];
            preg_match('/name="_token" value="(\w+)"/', $server->signedIn($cookies)('/boxes'), $token);
            [$box] = $server->column("select id from boxes where theme = 'Night-sky watcher'");
            $send = static fn (string $to, array $with): array => ["/boxes/{$box}/bench{$to}", $with + [
                '_token' => $token[1] ?? '',
            ]];
            $server->atOnceUntilKilled([$send('', [])], $cookies, 4_000);
            $server->start();
            $acknowledged = 0;
            for ($round = 0; $round < Trouble::times(4, 50); $round++) {
                [$kind, $piece] = $this->next($server, $box);
                $press = $send('/presses', [
                    'once' => "Bench {$round}", 'kind' => $kind, 'piece' => $piece, 'saw' => $this->version($server),
                ]);
                $before = $this->presses($server);
                [$answer] = $server->atOnceUntilKilled([$press], $cookies, $chance->getInt(20, 500));
                $server->start();
                $then = $this->presses($server);
                if (in_array($answer, [302, 303], true)) {
                    $acknowledged++;
                    self::assertGreaterThan($before, $then, "round {$round}: it was said to be kept");
                }
                // Whoever got no answer sends it again, and waits this time.
                $server->atOnceUntilKilled([$press], $cookies, 3_000);
                $server->start();
                $again = $this->presses($server);
                self::assertGreaterThan($before, $again, "round {$round}: sent again it is kept");
                $then === $before || self::assertSame($then, $again, "round {$round}: it counts once");
            }
            self::assertSame(['ok'], $server->column('pragma integrity_check'));
            self::assertGreaterThanOrEqual(0, $acknowledged);
        } finally {
            $server->end();
        }
    }

    /** @return array{string, string} the next press, and of which piece: back where all is in */
    private function next(DemoServer $server, string $box): array
    {
        /** @var array{placements: list<array{id: string}>} $plan */
        $plan = json_decode($server->column('select plan from benches')[0], true, 16, JSON_THROW_ON_ERROR);
        $in = [];
        foreach ($server->column('select "in" || char(10) || out from bench_presses order by id') as $row) {
            [$went, $came] = explode("\n", $row);
            foreach ((array) json_decode($went, true) as $placement) {
                $in[is_array($placement) ? (string) $placement['id'] : ''] = true;
            }
            foreach ((array) json_decode($came, true) as $id) {
                unset($in[is_string($id) ? $id : '']);
            }
        }
        foreach ($plan['placements'] as $placement) {
            if (! isset($in[$placement['id']])) {
                return ['in', $placement['id']];
            }
        }

        return ['back', ''];
    }

    private function version(DemoServer $server): int
    {
        return (int) $server->column('select version from benches')[0];
    }

    private function presses(DemoServer $server): int
    {
        return (int) $server->column('select count(*) from bench_presses')[0];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Trouble;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\BackgroundProcess;
use Tests\Support\Run;

/** Whoever ends the demo by its number ends its workers too, and the port is free again. */
final class EndTest extends TestCase
{
    #[DataProvider('signals')]
    public function test_the_workers_end_with_the_demo(int $signal): void
    {
        $port = BackgroundProcess::freePort();
        $log = ['file', Run::folder().'/end.log', 'a'];
        // Nothing of it needs a table: the welcome page, or an error page, is an answer.
        $process = proc_open(
            ['bash', '-c', ". bin/lib/setup.sh && serve_until_told {$port}"],
            [['file', '/dev/null', 'r'], $log, $log],
            $pipes,
            dirname(__DIR__, 2),
            [...getenv(), 'DB_DATABASE' => Run::folder().'/none.sqlite'],
        );
        self::assertIsResource($process);
        self::assertTrue($this->comesTrue(static fn (): bool => self::answers($port)), 'It is served.');

        posix_kill(proc_get_status($process)['pid'], $signal);
        self::assertTrue($this->comesTrue(static fn (): bool => ! self::answers($port)), 'The port is free.');
        proc_close($process);
        self::assertSame(
            '',
            trim((string) shell_exec("pgrep -f '[1]27.0.0.1:{$port} -t public'")),
            'No worker is left.',
        );
    }

    /** @return iterable<string, array{int}> */
    public static function signals(): iterable
    {
        yield 'ended' => [SIGTERM];
        yield 'interrupted' => [SIGINT];
    }

    private static function answers(int $port): bool
    {
        $socket = @fsockopen('127.0.0.1', $port, $code, $why, 0.2);
        $socket === false || fclose($socket);

        return $socket !== false;
    }

    /** @param callable(): bool $condition */
    private function comesTrue(callable $condition): bool
    {
        for ($until = microtime(true) + 30; microtime(true) < $until; usleep(50_000)) {
            if ($condition()) {
                return true;
            }
        }

        return false;
    }
}

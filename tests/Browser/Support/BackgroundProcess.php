<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;
use Tests\Support\Run;

/** A process in a group of its own, so that it ends with everything it started. */
final class BackgroundProcess
{
    private const PATIENCE_SECONDS = 60;

    /** @var resource */
    private $process;

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment  on top of our own
     * @param  string  $answersAt  an address that answers once it is up
     */
    public function __construct(array $command, array $environment, string $answersAt)
    {
        $log = ['file', Run::folder().'/'.basename($command[0]).'.log', 'a'];
        $process = proc_open(
            ['setsid', ...$command],
            [['file', '/dev/null', 'r'], $log, $log],
            $pipes,
            dirname(__DIR__, 3),
            [...getenv(), ...$environment],
        );
        $this->process = is_resource($process)
            ? $process
            : throw new RuntimeException("Could not start {$command[0]}.");
        $this->wait($answersAt, $command[0]);
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = $socket === false ? '' : (string) stream_socket_get_name($socket, false);
        $socket === false || fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    /** End it at once, as a power cut would. */
    public function kill(): void
    {
        $pid = proc_get_status($this->process)['pid'];
        posix_kill(-$pid, SIGKILL) || posix_kill($pid, SIGKILL);
        proc_close($this->process);
    }

    public function end(): void
    {
        $pid = proc_get_status($this->process)['pid'];
        posix_kill(-$pid, SIGTERM) || posix_kill($pid, SIGTERM);
        proc_close($this->process);
    }

    private function wait(string $address, string $what): void
    {
        $until = microtime(true) + self::PATIENCE_SECONDS;
        // Not by a stream: it waits for the end of a connection that the browser's driver keeps open, 4 s each time.
        $curl = curl_init($address);
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 2]);
        while (curl_exec($curl) === false) {
            microtime(true) < $until
                || throw new RuntimeException(
                    "{$what} did not answer at {$address} within ".self::PATIENCE_SECONDS.' s.',
                );
            usleep(50_000);
        }
    }
}

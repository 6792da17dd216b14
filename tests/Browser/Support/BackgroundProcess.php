<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;
use Tests\Support\Run;

/** A process in a group of its own, so that it ends with everything it started. */
final class BackgroundProcess
{
    private const PATIENCE_SECONDS = 60;

    /** Ports below those that the machine gives to whoever calls another: 32768 and up. */
    private const PORTS = [20_000, 32_000];

    /** @var resource */
    private $process;

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment  on top of our own
     * @param  string  $answersAt  an address that answers once it is up
     */
    public function __construct(
        private readonly array $command,
        private readonly array $environment,
        string $answersAt,
    ) {
        $this->begin();
        $this->wait($answersAt);
    }

    public static function freePort(): int
    {
        do {
            $port = random_int(...self::PORTS);
            $socket = @stream_socket_server("tcp://127.0.0.1:{$port}");
        } while ($socket === false);
        fclose($socket);

        return $port;
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

    private function begin(): void
    {
        $log = ['file', Run::folder().'/'.basename($this->command[0]).'.log', 'a'];
        $process = proc_open(
            ['setsid', ...$this->command],
            [['file', '/dev/null', 'r'], $log, $log],
            $pipes,
            dirname(__DIR__, 3),
            [...getenv(), ...$this->environment],
        );
        $this->process = is_resource($process)
            ? $process
            : throw new RuntimeException("Could not start {$this->command[0]}.");
    }

    private function wait(string $address): void
    {
        $until = microtime(true) + self::PATIENCE_SECONDS;
        // Not by a stream: it waits for the end of a connection that the browser's driver keeps open, 4 s each time.
        $curl = curl_init($address);
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 2]);
        while (curl_exec($curl) === false) {
            if (microtime(true) >= $until) {
                $this->kill();
                throw new RuntimeException(
                    "{$this->command[0]} did not answer at {$address} within ".self::PATIENCE_SECONDS.' s.',
                );
            }
            usleep(50_000);
            if (! proc_get_status($this->process)['running']) {
                // Its port is still held by what was killed before it, or by another that took it meanwhile.
                proc_close($this->process);
                $this->begin();
            }
        }
    }
}

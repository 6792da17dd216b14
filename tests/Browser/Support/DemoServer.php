<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Closure;
use PDO;
use RuntimeException;
use Tests\Support\DemoTable;
use Tests\Support\Run;

/** The application served on a free port with a demo table of its own, on a day that does not move. */
final class DemoServer
{
    public const TODAY = '2026-11-18';

    public readonly string $address;

    public readonly string $database;

    private BackgroundProcess $process;

    private bool $isRunning = false;

    /** @var array<string, string> */
    private readonly array $environment;

    private readonly string $command;

    private readonly string $folder;

    /**
     * @param  array<string, string>  $with  environment on top of that of tests
     * @param  string  $command  with which it is served instead, on {port} and with what it writes in {folder}
     */
    public function __construct(string $router = 'bin/lib/router.php', array $with = [], string $command = '')
    {
        $this->folder = Run::folder().'/server-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->database = "{$this->folder}/table.sqlite";
        $port = BackgroundProcess::freePort();
        $this->address = "http://127.0.0.1:{$port}";
        $this->command = $command === ''
            ? ". bin/lib/setup.sh && serve {$port} {$router}"
            : strtr($command, ['{port}' => (string) $port, '{folder}' => $this->folder]);
        $this->environment = $with + [
            'APP_ENV' => 'testing',
            'APP_DEBUG' => 'false',
            'APP_URL' => $this->address,
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('wren', 8)),
            'DB_DATABASE' => $this->database, 'SESSION_DRIVER' => 'aside', 'CACHE_STORE' => 'file',
            'WREN_DEMO' => 'true', 'WREN_TODAY' => self::TODAY, 'WREN_FIT_CLOCK' => 'false',
            'LARAVEL_STORAGE_PATH' => "{$this->folder}/storage",
            'VIEW_COMPILED_PATH' => Run::folder().'/views',
            'TMPDIR' => Run::folder().'/tmp',
        ];
        // Every server gets a copy of its own.
        copy(DemoTable::laid(), $this->database);
        $this->start();
    }

    /** Be there, or be there again after a pause. */
    public function start(): void
    {
        if ($this->isRunning) {
            return;
        }
        $this->process = new BackgroundProcess(['bash', '-c', $this->command], $this->environment, "{$this->address}/");
        $this->isRunning = true;
    }

    /**
     * Open the demo table without a browser.
     *
     * @param  list<string>|null  $cookies  filled with those that keep it open
     *
     * @param-out list<string> $cookies
     *
     * @return Closure(string, string...): string asks for a path, with headers if need be, and answers with the page
     */
    public function signedIn(?array &$cookies = null): Closure
    {
        $curl = curl_init();
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_FOLLOWLOCATION => true,
        ]);
        $get = function (string $path, string ...$headers) use ($curl): string {
            curl_setopt_array($curl, [
                CURLOPT_URL => $this->address.$path,
                CURLOPT_HTTPGET => true,
                CURLOPT_HTTPHEADER => array_values($headers),
            ]);
            $page = (string) curl_exec($curl);
            $status = curl_getinfo($curl, CURLINFO_HTTP_CODE);

            return $status === 200 ? $page : throw new RuntimeException("{$path} answered {$status}.");
        };
        preg_match('/name="_token" value="(\w+)"/', $get('/'), $token);
        curl_setopt_array($curl, [
            CURLOPT_URL => "{$this->address}/demo",
            CURLOPT_POSTFIELDS => ['_token' => $token[1] ?? ''],
        ]);
        curl_exec($curl);
        $cookies = array_map(
            static fn (string $line): string => implode('=', array_slice(explode("\t", $line), 5, 2)),
            array_map(strval(...), (array) curl_getinfo($curl, CURLINFO_COOKIELIST)),
        );

        return $get;
    }

    /**
     * Found a crew of its own and sign its first member in, without a browser.
     *
     * @param  list<string>|null  $cookies  filled with those that keep it open
     *
     * @param-out list<string> $cookies
     */
    public function registered(string $crew, string $email, string $password, ?array &$cookies = null): void
    {
        $curl = curl_init();
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_FOLLOWLOCATION => true,
        ]);
        $send = function (string $path, array $fields) use ($curl): void {
            curl_setopt_array($curl, [CURLOPT_URL => $this->address.$path, CURLOPT_HTTPGET => true]);
            preg_match('/name="_token" value="(\w+)"/', (string) curl_exec($curl), $token);
            curl_setopt_array($curl, [
                CURLOPT_URL => $this->address.$path,
                CURLOPT_POSTFIELDS => http_build_query(['_token' => $token[1] ?? ''] + $fields),
            ]);
            curl_exec($curl);
        };
        $send('/register', ['crew' => $crew, 'name' => 'Odile Marsh', 'email' => $email, 'password' => $password]);
        $send('/sign-in', ['email' => $email, 'password' => $password]);
        $cookies = array_map(
            static fn (string $line): string => implode('=', array_slice(explode("\t", $line), 5, 2)),
            array_map(strval(...), (array) curl_getinfo($curl, CURLINFO_COOKIELIST)),
        );
    }

    /**
     * Send several forms at the same moment, as htmx would.
     *
     * @param  list<array{string, array<string, mixed>}>  $forms  path and fields
     * @param  list<string>  $cookies
     * @return list<int> the status of each answer
     */
    public function atOnce(array $forms, array $cookies): array
    {
        return $this->send($forms, $cookies, ['HX-Request: true'], null);
    }

    /**
     * Send several plain forms at the same moment, and kill the server, workers and all, so many milliseconds later.
     *
     * @param  list<array{string, array<string, mixed>}>  $forms
     * @param  list<string>  $cookies
     * @return list<int> the status of each answer that came; 0 where none did
     */
    public function atOnceUntilKilled(array $forms, array $cookies, int $afterMs): array
    {
        return $this->send($forms, $cookies, [], $afterMs);
    }

    /**
     * Ask for a page as whoever the cookies belong to.
     *
     * @param  list<string>  $cookies
     */
    public function fetch(string $path, array $cookies): string
    {
        $context = stream_context_create([
            'http' => ['header' => 'Cookie: '.implode('; ', $cookies), 'ignore_errors' => true],
        ]);

        return (string) file_get_contents($this->address.$path, false, $context);
    }

    /**
     * @param  list<array{string, array<string, mixed>}>  $forms
     * @param  list<string>  $cookies
     * @param  list<string>  $headers
     * @return list<int>
     */
    private function send(array $forms, array $cookies, array $headers, ?int $killedAfterMs): array
    {
        $many = curl_multi_init();
        $handles = [];
        foreach ($forms as [$path, $fields]) {
            $curl = curl_init();
            foreach (
                [
                    CURLOPT_URL => $this->address.$path,
                    CURLOPT_RETURNTRANSFER => true,
                    CURLOPT_POSTFIELDS => http_build_query($fields),
                    CURLOPT_HTTPHEADER => $headers,
                    CURLOPT_COOKIE => implode('; ', $cookies),
                ] as $option => $value
            ) {
                curl_setopt($curl, $option, $value);
            }
            curl_multi_add_handle($many, $curl);
            $handles[] = $curl;
        }
        $started = hrtime(true);
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, $killedAfterMs === null ? 0.2 : 0.002);
            if ($killedAfterMs !== null && hrtime(true) - $started >= $killedAfterMs * 1_000_000) {
                $this->kill();
                $killedAfterMs = null;
            }
        } while ($running > 0);
        $killedAfterMs === null || $this->kill();

        return array_map(static fn ($curl): int => (int) curl_getinfo($curl, CURLINFO_HTTP_CODE), $handles);
    }

    private function kill(): void
    {
        $this->isRunning = false;
        $this->process->kill();
    }

    /** Look into its table past the application. */
    public function table(): PDO
    {
        return new PDO("sqlite:{$this->database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }

    /** @return list<string> the first column of what is there now */
    public function column(string $query): array
    {
        $statement = $this->table()->query($query);

        return $statement === false
            ? []
            : array_map(strval(...), array_values($statement->fetchAll(PDO::FETCH_COLUMN)));
    }

    /**
     * Have another box of the crew's be worked out, until what is returned is closed.
     *
     * @return resource
     */
    public function busyFor(int $crewId)
    {
        $folder = "{$this->folder}/storage/framework/fit";
        is_dir($folder) || mkdir($folder, 0o775, true);
        $turn = fopen("{$folder}/{$crewId}.lock", 'c');

        return $turn !== false && flock($turn, LOCK_EX)
            ? $turn
            : throw new RuntimeException("The turn of the crew {$crewId} cannot be taken.");
    }

    /** Be gone for a while, as a shop's cellar takes the signal. */
    public function pause(): void
    {
        $this->isRunning = false;
        $this->process->end();
    }

    public function end(): void
    {
        ! $this->isRunning || $this->process->end();
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    /** Run a command of the application on its table, as whoever keeps the server would. */
    public function run(string $command): void
    {
        DemoTable::artisan($command, $this->environment);
    }
}

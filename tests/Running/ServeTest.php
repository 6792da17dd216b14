<?php

declare(strict_types=1);

namespace Tests\Running;

use PDO;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\DemoServer;
use Tests\Support\Run;

/** The application as it is run for real, by nginx and php-fpm in a folder of their own: a packer's path through it. */
final class ServeTest extends TestCase
{
    private static ?DemoServer $server = null;

    public static function setUpBeforeClass(): void
    {
        self::$server = new DemoServer(
            with: [
                'WREN_ALLOW_ROOT' => '1', 'APP_ENV' => 'production', 'WREN_HOSTS' => 'wren.example, 127.0.0.1',
            ],
            command: 'exec bin/serve --host=127.0.0.1 --port={port} --state={folder}/serve',
        );
    }

    public static function tearDownAfterClass(): void
    {
        self::$server?->end();
        self::$server = null;
    }

    public function test_a_packer_writes_down_plans_and_reads_what_was_kept(): void
    {
        $cookies = [];
        $get = self::server()->signedIn($cookies);
        preg_match('/name="_token" value="(\w+)"/', $get('/gather/write'), $token);
        $kept = self::request('/gather/write', $cookies, [
            '_token' => $token[1] ?? '', 'lines' => "8 soap 3.95\n2 kites 4.00\ncoupon 1.00",
            'got_on' => DemoServer::TODAY, 'source' => 'shop',
        ]);
        self::assertSame(302, $kept['status'], $kept['head']);
        self::assertStringContainsString('2 things for 6.95 are in the stash.', $get('/gather'));

        $planned = self::request('/boxes', $cookies, [
            '_token' => $token[1] ?? '', 'theme' => 'Lock gate', 'band' => '4-7', 'gender' => 'girl',
            'box_kind' => 'straight-card',
        ]);
        self::assertSame(302, $planned['status'], $planned['head']);
        self::assertStringContainsString('Lock gate', $get('/boxes'));
        $table = new PDO('sqlite:'.self::server()->database);
        self::assertSame(
            695,
            (int) $table->query("SELECT sum(paid_minor) FROM lots WHERE kind IN ('soap', 'kite') AND got_on = '"
                .DemoServer::TODAY."' AND id > (SELECT max(id) FROM lots WHERE kind = 'comb')")?->fetchColumn(),
        );
    }

    public function test_files_are_served_with_their_headers_and_nothing_else_is(): void
    {
        preg_match('~/build/assets/[\w.-]+\.css~', self::request('/')['body'], $style);
        $served = self::request($style[0] ?? '/none');
        self::assertSame(200, $served['status']);
        self::assertStringContainsString('immutable', $served['head']);
        self::assertStringContainsString('nosniff', $served['head']);
        foreach (['/.env', '/../.env', '/index.php/x.php', '/artisan', '/storage/logs/laravel.log'] as $path) {
            self::assertContains(self::request($path)['status'], [400, 404], $path);
        }
        $page = self::request('/');
        self::assertStringContainsString('Content-Security-Policy', $page['head']);
        self::assertStringNotContainsString('X-Powered-By', $page['head']);
        self::assertSame(['ok' => true], array_intersect_key(
            (array) json_decode(self::request('/health')['body'], true),
            ['ok' => true],
        ));
    }

    public function test_only_the_names_that_were_said_are_answered(): void
    {
        self::assertSame(200, self::request('/', host: 'wren.example')['status']);
        $other = self::request('/', host: 'wren-example.test');
        self::assertSame(400, $other['status']);
        self::assertStringNotContainsString('wren-example.test', $other['body']);
    }

    public function test_with_a_certificate_of_ones_own_it_is_served_by_https(): void
    {
        $folder = Run::folder().'/https-'.bin2hex(random_bytes(6));
        mkdir($folder);
        exec(sprintf(
            'openssl req -x509 -newkey rsa:2048 -nodes -days 2 -subj /CN=wren.test -addext %s -keyout %s -out %s 2>&1',
            escapeshellarg('subjectAltName=DNS:wren.test'),
            escapeshellarg("{$folder}/wren.key"),
            escapeshellarg("{$folder}/wren.crt"),
        ), $said, $code);
        self::assertSame(0, $code, implode("\n", $said));
        $server = new DemoServer(
            with: ['WREN_ALLOW_ROOT' => '1', 'APP_ENV' => 'production', 'SESSION_SECURE_COOKIE' => 'true'],
            command: 'exec bin/serve --host=127.0.0.1 --port={port} --state={folder}/serve '
                ."--cert={$folder}/wren.crt --key={$folder}/wren.key",
        );
        try {
            $port = (int) parse_url($server->address, PHP_URL_PORT);
            $curl = curl_init("https://wren.test:{$port}/");
            curl_setopt_array($curl, [
                CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_CAINFO => "{$folder}/wren.crt",
                CURLOPT_RESOLVE => ["wren.test:{$port}:127.0.0.1"],
            ]);
            $page = (string) curl_exec($curl);
            self::assertSame(200, curl_getinfo($curl, CURLINFO_HTTP_CODE), curl_error($curl));
            self::assertMatchesRegularExpression('/^set-cookie: .*; secure/mi', $page);
            // Styles and scripts by https too, or the browser takes none of them.
            self::assertStringContainsString("https://wren.test:{$port}/build/assets/", $page);
            self::assertStringNotContainsString("http://wren.test:{$port}/", $page);
        } finally {
            $server->end();
        }
    }

    public function test_twenty_people_at_once_get_their_pages(): void
    {
        $cookies = [];
        self::server()->signedIn($cookies);
        $many = curl_multi_init();
        $all = [];
        for ($person = 0; $person < 20; $person++) {
            $curl = curl_init(self::server()->address.($person % 2 === 0 ? '/boxes' : '/gather'));
            curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIE => implode('; ', $cookies)]);
            curl_multi_add_handle($many, $curl);
            $all[] = $curl;
        }
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 1.0);
        } while ($running > 0);

        self::assertSame([200], array_values(array_unique(array_map(
            static fn ($curl): int => (int) curl_getinfo($curl, CURLINFO_HTTP_CODE),
            $all,
        ))));
    }

    public function test_before_a_new_version_changes_the_tables_they_are_copied(): void
    {
        $server = self::server();
        $copies = static fn (): array => glob(dirname($server->database).'/storage/backups/*.sqlite') ?: [];
        $tables = static fn (string $file): int => (int) (new PDO("sqlite:{$file}"))
            ->query("SELECT count(*) FROM sqlite_master WHERE name IN ('sign_ins', 'password_reset_tokens')")
            ?->fetchColumn();
        self::assertSame([], $copies(), 'nothing had changed when it was started first');
        $server->pause();
        $table = new PDO("sqlite:{$server->database}");
        foreach (['sign_ins', 'password_reset_tokens'] as $name) {
            $table->exec("DROP TABLE {$name}");
        }
        $table->exec("DELETE FROM migrations WHERE migration LIKE '%_sign_ins' OR migration LIKE '%_new_passwords'");
        $table = null;

        $server->start();
        self::assertCount(1, $copies());
        self::assertSame([0, 2], [$tables($copies()[0]), $tables($server->database)]);
        $server->pause();
        $server->start();
        self::assertCount(1, $copies(), 'once they are up to date nothing is copied');
    }

    private static function server(): DemoServer
    {
        return self::$server ?? self::fail('There is no server.');
    }

    /**
     * @param  list<string>  $cookies
     * @param  array<string, string>|null  $form
     * @return array{status: int, head: string, body: string}
     */
    private static function request(
        string $path,
        array $cookies = [],
        ?array $form = null,
        string $host = '',
    ): array {
        $curl = curl_init(self::server()->address.$path);
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_COOKIE => implode('; ', $cookies),
            CURLOPT_PATH_AS_IS => true,
            CURLOPT_HTTPHEADER => $host === '' ? [] : ["Host: {$host}"],
        ] + ($form === null ? [] : [CURLOPT_POSTFIELDS => http_build_query($form)]));
        $answer = (string) curl_exec($curl);
        $head = (int) curl_getinfo($curl, CURLINFO_HEADER_SIZE);

        return [
            'status' => (int) curl_getinfo($curl, CURLINFO_HTTP_CODE),
            'head' => substr($answer, 0, $head),
            'body' => substr($answer, $head),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Running;

use PDO;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\DemoServer;

/** The application as it is run for real, by nginx and php-fpm in a folder of their own: a packer's path through it. */
final class ServeTest extends TestCase
{
    private static ?DemoServer $server = null;

    public static function setUpBeforeClass(): void
    {
        self::$server = new DemoServer(
            with: ['WREN_ALLOW_ROOT' => '1', 'APP_ENV' => 'production'],
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

    private static function server(): DemoServer
    {
        return self::$server ?? self::fail('There is no server.');
    }

    /**
     * @param  list<string>  $cookies
     * @param  array<string, string>|null  $form
     * @return array{status: int, head: string, body: string}
     */
    private static function request(string $path, array $cookies = [], ?array $form = null): array
    {
        $curl = curl_init(self::server()->address.$path);
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_COOKIE => implode('; ', $cookies),
            CURLOPT_PATH_AS_IS => true,
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

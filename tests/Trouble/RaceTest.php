<?php

declare(strict_types=1);

namespace Tests\Trouble;

use App\Actions\ChangeLot;
use PDO;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\DemoServer;

/**
 * Several hands at one thing at the same moment, before a server with several workers: one after the other, nothing
 * mixed, nothing twice.
 */
final class RaceTest extends TestCase
{
    private const SOAP = [
        'kind' => 'soap',
        'name' => 'Race soap',
        'pieces' => '6',
        'price' => '2.76',
        'source' => 'shop',
        'got_on' => '2026-11-08',
        'length' => '92',
        'width' => '60',
        'height' => '30',
    ];

    private static DemoServer $server;

    private static PDO $table;

    /** @var list<string> */
    private static array $cookies = [];

    private static string $token = '';

    public static function setUpBeforeClass(): void
    {
        self::$server = new DemoServer;
        self::$table = new PDO(
            'sqlite:'.self::$server->database,
            options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
        );
        preg_match('/name="_token" value="(\w+)"/', self::$server->signedIn(self::$cookies)('/boxes'), $token);
        self::$token = $token[1] ?? '';
    }

    public static function tearDownAfterClass(): void
    {
        self::$server->end();
    }

    public function test_two_changes_of_one_lot_never_make_a_third(): void
    {
        for ($round = 0; $round < Trouble::times(8, 60); $round++) {
            $this->send([['/lots', ['once' => "torn-{$round}", 'name' => "Torn {$round}"] + self::SOAP]]);
            $id = (string) $this->value("select id from lots where name = 'Torn {$round}'");
            $was = $this->was("/lots/{$id}");
            $form = ['_method' => 'put', 'was' => $was, 'name' => "Torn {$round}"] + self::SOAP;
            $this->send([
                ["/lots/{$id}", ['pieces' => '5', 'price' => '6.00'] + $form],
                ["/lots/{$id}", ['price' => '3.00'] + $form],
            ]);

            self::assertContains(
                $this->value("select pieces || ' for ' || paid_minor from lots where id = '{$id}'"),
                ['5 for 600', '6 for 300'],
            );
        }
    }

    public function test_a_form_that_is_sent_several_times_at_once_makes_one_thing(): void
    {
        for ($round = 0; $round < Trouble::times(8, 60); $round++) {
            $form = ['once' => "double-{$round}", 'name' => "Double {$round}"] + self::SOAP;
            $this->send(array_fill(0, 4, ['/lots', $form]));

            self::assertSame('1', $this->value("select count(*) from lots where name = 'Double {$round}'"));
        }
    }

    public function test_undo_and_pick_at_once_never_promise_more_than_there_is(): void
    {
        $box = (string) $this->value("select id from boxes where stage = 'planned' limit 1");
        for ($round = 0; $round < Trouble::times(6, 40); $round++) {
            $this->send([
                ['/lots', ['once' => "undo-{$round}", 'name' => "Undo {$round}", 'pieces' => '2'] + self::SOAP],
            ]);
            $id = (string) $this->value("select id from lots where name = 'Undo {$round}'");
            $this->send([
                [
                    "/lots/{$id}",
                    [
                        '_method' => 'put',
                        'was' => $this->was("/lots/{$id}"),
                        'name' => "Undo {$round}",
                        'pieces' => '6',
                    ] + self::SOAP,
                ],
            ]);
            $change = (string) $this->value(
                "select id from lot_changes where lot_id = '{$id}' order by id desc limit 1",
            );
            // Back to two, while five are picked: one of the two comes too late.
            $this->send([
                ["/changes/{$change}/undo", []],
                ["/boxes/{$box}/pieces", ['lot' => $id, 'quantity' => '5']],
                ["/boxes/{$box}/pieces", ['lot' => $id, 'quantity' => '1']],
            ]);

            self::assertSame(
                '0',
                $this->value(
                    "select count(*) from lots l where l.id = '{$id}' "
                        .'and l.pieces - l.gone < (select coalesce(sum(quantity), 0) from pieces where lot_id = l.id)',
                ),
            );
        }
    }

    /** @param list<array{string, array<string, mixed>}> $forms */
    private function send(array $forms): void
    {
        foreach (
            self::$server->atOnce(
                array_map(static fn (array $form): array => [$form[0], ['_token' => self::$token] + $form[1]], $forms),
                self::$cookies,
            ) as $status
        ) {
            self::assertLessThan(500, $status);
        }
    }

    private function was(string $path): string
    {
        $page = self::$server->fetch($path, self::$cookies);
        preg_match('/<main.*?name="was" value="([^"]*)"/s', $page, $was);
        self::assertNotSame('', $was[1] ?? '', ChangeLot::class.' puts its prints into the form.');

        return htmlspecialchars_decode($was[1]);
    }

    private function value(string $query): string
    {
        $statement = self::$table->query($query);

        return $statement === false ? '' : (string) $statement->fetchColumn();
    }
}

<?php

declare(strict_types=1);

namespace Tests\Trouble;

use PDO;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Browser\Support\DemoServer;

/**
 * The server is killed in the middle of saving, again and again: what it said it had is there, once and whole, and
 * nobody has to sign in again.
 */
final class KillTest extends TestCase
{
    private const AT_ONCE = 6;

    public function test_what_was_acknowledged_survives_and_nothing_is_there_by_half(): void
    {
        $chance = new Randomizer(new Mt19937(Trouble::seed()));
        $server = new DemoServer;
        try {
            $cookies = [];
            preg_match('/name="_token" value="(\w+)"/', $server->signedIn($cookies)('/boxes'), $token);
            $acknowledged = [];
            for ($round = 0; $round < Trouble::times(6, 60); $round++) {
                $forms = [];
                for ($form = 0; $form < self::AT_ONCE; $form++) {
                    $name = "Kill {$round}-{$form}";
                    $forms[$name] = [
                        '/gather/quick',
                        [
                            '_token' => $token[1] ?? '',
                            'once' => $name,
                            'got_on' => '2026-11-08',
                            'source' => 'shop',
                            'rows' => [
                                ['kind' => 'soap', 'name' => "{$name} a", 'paid' => '1.00'],
                                ['kind' => 'comb', 'name' => "{$name} b", 'paid' => '2.00'],
                            ],
                        ],
                    ];
                }
                $answers = $server->atOnceUntilKilled(array_values($forms), $cookies, $chance->getInt(40, 700));
                foreach (array_keys($forms) as $index => $name) {
                    if (in_array($answers[$index], [302, 303], true)) {
                        $acknowledged[] = $name;
                    }
                }
                $server->start();
                self::assertStringContainsString(
                    'The shelf',
                    $server->fetch('/boxes', $cookies),
                    'Nobody has to sign in again.',
                );
            }
            $table = new PDO("sqlite:{$server->database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            $kept = $table->query("select name from lots where name like 'Kill %'")?->fetchAll(PDO::FETCH_COLUMN) ?: [];
            $counts = array_count_values(
                array_map(static fn (mixed $name): string => substr((string) $name, 0, -2), $kept),
            );

            self::assertSame('ok', $table->query('pragma integrity_check')?->fetchColumn());
            self::assertSame([], array_diff($acknowledged, array_keys($counts)), 'What was acknowledged is there.');
            self::assertSame(
                [],
                array_filter($counts, static fn (int $lines): bool => $lines !== 2),
                'A receipt is there with both its lines, once.',
            );
            self::assertNotSame([], $acknowledged);
        } finally {
            $server->end();
        }
    }
}

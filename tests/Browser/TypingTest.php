<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Trouble\Trouble;

/** A fast hand and a slow line: what is typed while an answer is on its way stays as it was typed. */
final class TypingTest extends BrowserTestCase
{
    /** Kind by what it is called, what it is called, how many, what was paid: 12 lines of 79.86 in all. */
    private const LINES = [
        ['Soap', 'Mill soap', '10', '3.12'], ['Comb', 'Combs', '4', '2.75'], ['Washcloth', 'Blue cloths', '12', '9.12'],
        ['Toothbrush', 'Brushes, soft', '6', '5.49'],
        ['Notebook', 'Lined notebooks', '5', '6.25'], ['Eraser', 'Star erasers', '11', '1.98'],
        ['Ruler', 'Rulers 20 cm', '3', '2.07'], ['T-shirt', 'Striped shirt', '2', '11.90'],
        ['Plush', 'Grey owl', '1', '12.34'], ['Skipping rope', 'Rope', '2', '7.56'],
        ['Water bottle', 'Green bottle', '1', '8.43'], ['Card game', 'Snap', '3', '8.85'],
    ];

    #[DataProvider('hands')]
    public function test_twelve_lines_are_typed_without_a_pause_and_none_loses_a_character(
        int $keyMs,
        int $latencyMs,
    ): void {
        $this->openDemo();
        $this->open('/gather/quick');
        $this->see('Quick entry');
        self::browser()->slow($latencyMs);
        $this->js("document.getElementById('kind-0').focus()");
        foreach (self::LINES as $line => [$kind, $name, $pieces, $paid]) {
            self::assertSame(
                "kind-{$line}",
                $this->js('return document.activeElement.id'),
                'The focus is where the hand is.',
            );
            $this->press($kind);
            foreach ([$name, $pieces, $paid] as $text) {
                $this->press(WebDriverKeys::TAB);
                $this->typeAt($keyMs, $text);
            }
            $this->press(WebDriverKeys::TAB);
        }

        $this->until(
            fn (): bool => $this->js("return document.getElementById('sum').textContent") === '79.86',
            'The lines do not add up to 79.86.',
        );
        $kept = $this->js(
            "return [...document.querySelectorAll('.receipt-row input:not([role=combobox])')]"
                .".map((input) => input.value).filter((value) => value !== '')",
        );
        self::assertSame(
            array_merge(...array_map(static fn (array $line): array => array_slice($line, 1), self::LINES)),
            $kept,
        );
        self::assertSame('kind-12', $this->js('return document.activeElement.id'));
    }

    public function test_ninety_five_of_a_hundred_everyday_names_stand_first_in_the_list(): void
    {
        /** @var array<string, string> $names */
        $names = require dirname(__DIR__).'/Core/Stash/everyday-names.php';
        self::assertGreaterThanOrEqual(150, count($names));
        $this->openDemo();
        $this->open('/gather/quick');
        // As the list would be opened by hand; one that is typed just so needs none.
        $found = $this->js(<<<'JS'
            const field = document.getElementById('kind-0');
            const options = [...document.getElementById('kind-names').options];
            const ids = Object.fromEntries(options.map((one) => [one.value.toLowerCase(), one.dataset.id]));
            const shownBy = '#kind-0-kinds [role=option]';
            field.focus();
            return arguments[0].map((name) => {
                field.value = name;
                for (const key of ['Escape', 'ArrowDown']) {
                    field.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
                }
                const shown = [...document.querySelectorAll(shownBy)].map((one) => ids[one.dataset.name.toLowerCase()]);
                return shown.length > 0 ? shown : [ids[name]];
            });
            JS, array_keys($names));
        self::assertIsArray($found);
        $missed = $notShown = [];
        foreach (array_keys($names) as $at => $name) {
            $shown = (array) $found[$at];
            ($shown[0] ?? null) === $names[$name] || $missed[] = "{$name}: ".implode(', ', $shown);
            in_array($names[$name], $shown, true) || $notShown[] = $name;
        }

        self::assertLessThanOrEqual(0.05 * count($names), count($missed), implode("\n", $missed));
        self::assertLessThanOrEqual(0.02 * count($names), count($notShown), implode("\n", $notShown));
    }

    public function test_a_kind_is_found_by_any_of_its_names_with_keys_alone(): void
    {
        $this->openDemo();
        $this->open('/gather/quick');
        $this->js("document.getElementById('kind-0').focus()");
        $found = fn (): mixed => $this->js(
            "return [...document.querySelectorAll('#kind-0-kinds [role=option]')].map((option) => option.textContent)",
        );
        $state = fn (): mixed => $this->js(
            "const field = document.getElementById('kind-0'); const active = document.getElementById("
                ."field.getAttribute('aria-activedescendant'));"
                .'return [field.value, field.ariaExpanded, active?.textContent]',
        );
        // By another name of it.
        $this->press('jump r');
        $this->until(fn (): bool => $found() === ['Skipping rope jump rope'], 'The rope is not found.');
        self::assertSame(['jump r', 'true', null], $state());
        $this->press(WebDriverKeys::ARROW_DOWN);
        self::assertSame(['jump r', 'true', 'Skipping rope jump rope'], $state());
        $this->press(WebDriverKeys::ENTER);
        self::assertSame(['Skipping rope', 'false', null], $state());
        // As many of it are called, and as the crew calls its own.
        foreach (['combs' => 'Comb', 'soap, pi' => 'Bar of soap Soap, pine'] as $typed => $kind) {
            $this->type('#kind-0', $typed);
            $this->until(fn (): bool => ((array) $found())[0] === $kind, "“{$typed}” does not find {$kind}.");
        }
        // Escape closes the list alone; up from the field is the last.
        $this->press(WebDriverKeys::ARROW_UP, WebDriverKeys::ESCAPE);
        self::assertSame(['soap, pi', 'false', null], $state());
        $this->press(WebDriverKeys::ARROW_UP, WebDriverKeys::ENTER);
        self::assertSame(['Bar of soap', 'false', null], $state());
    }

    /** @return iterable<string, array{int, int}> milliseconds a key, and of latency */
    public static function hands(): iterable
    {
        yield 'a quick hand on a very slow line' => [40, 1000];
        if (Trouble::times(0, 1) === 1) {
            yield 'a quick hand on a quick line' => [40, 0];
            yield 'a usual hand on a slow line' => [80, 300];
            yield 'a slow hand on a very slow line' => [200, 1000];
        }
    }

    protected function tearDown(): void
    {
        self::browser()->slow(0);
    }

    /** Each key by itself, at a hand's pace. */
    private function typeAt(int $keyMs, string $text): void
    {
        foreach (mb_str_split($text) as $character) {
            self::browser()->press($character);
            usleep($keyMs * 1000);
        }
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Chromium;
use Tests\Browser\Support\DemoServer;
use Throwable;

/** A packer at a real browser, before an application with a demo table of its own for each class of tests. */
abstract class BrowserTestCase extends TestCase
{
    private const PATIENCE_SECONDS = 30;

    private const LOOKS_EVERY_MS = 100;

    /** Whether the browser keeps what it asks for. */
    protected const LISTENS = false;

    /** Of some elements the first that is shown; an option is where its list is. */
    private const FIRST_IN_SIGHT = <<<'JS'
        const isShown = (element) => element.checkVisibility({ opacityProperty: true, visibilityProperty: true })
            && element.getBoundingClientRect().width > 0;
        return arguments[0].findIndex((element) => isShown(element.closest('select') ?? element));
        JS;

    /** Whether what has the focus is shown; where nothing has it, the page takes what is pressed. */
    private const TAKES_KEYS = <<<'JS'
        const focused = document.activeElement;
        return focused !== null && (focused === document.body || focused.checkVisibility());
        JS;

    protected static ?DemoServer $server = null;

    protected static ?Chromium $chromium = null;

    public static function setUpBeforeClass(): void
    {
        self::$server = new DemoServer;
        self::$chromium = new Chromium(static::LISTENS);
    }

    public static function tearDownAfterClass(): void
    {
        self::$chromium?->close();
        self::$server?->end();
        self::$chromium = self::$server = null;
    }

    protected function setUp(): void
    {
        // Whatever became of it in the test before.
        self::server()->start();
        self::browser()->forget(self::server()->address);
        self::browser()->size(1280, 800);
        self::browser()->scheme('light');
        self::browser()->console();
    }

    protected static function browser(): Chromium
    {
        return self::$chromium ?? self::fail('The browser is not running.');
    }

    protected static function server(): DemoServer
    {
        return self::$server ?? self::fail('The server is not running.');
    }

    protected function onNotSuccessfulTest(Throwable $why): never
    {
        $name = preg_replace('/\W+/', '-', static::class.'-'.$this->nameWithDataSet());
        self::$chromium?->picture(dirname(__DIR__)."/.artifacts/{$name}.png");

        parent::onNotSuccessfulTest($why);
    }

    protected function open(string $path): void
    {
        self::browser()->driver->get(self::server()->address.$path);
    }

    protected function openDemo(): void
    {
        $this->open('/');
        // What was still on its way in the test before may have brought its cookie back: the table is open then.
        if (! str_ends_with(self::browser()->driver->getCurrentURL(), '/boxes')) {
            $this->click('Open the demo table');
        }
        $this->see('The shelf');
    }

    /** Wait until the page shows a text. */
    protected function see(string $text): void
    {
        $this->until(fn (): bool => str_contains($this->words(), $text), "It does not show “{$text}”.");
    }

    protected function dontSee(string $text): void
    {
        $this->until(fn (): bool => ! str_contains($this->words(), $text), "It still shows “{$text}”.");
    }

    /** Click the link, button or label that shows a text. */
    protected function click(string $text): void
    {
        $quoted = str_contains($text, "'") ? "\"{$text}\"" : "'{$text}'";
        $this->act(
            WebDriverBy::xpath(
                "//*[self::a or self::button or self::label or self::summary][contains(normalize-space(.), {$quoted})]",
            ),
            self::pressOn(...),
        );
    }

    protected function clickOn(string $selector): void
    {
        $this->act(WebDriverBy::cssSelector($selector), self::pressOn(...));
    }

    protected function type(string $selector, string $text): void
    {
        $this->act(WebDriverBy::cssSelector($selector), static function (RemoteWebElement $element) use ($text): void {
            $element->clear();
            $element->sendKeys($text);
        });
    }

    protected function choose(string $selector, string $value): void
    {
        $this->clickOn("{$selector} option[value='{$value}']");
    }

    /** Press keys wherever the focus is. */
    protected function press(string ...$keys): void
    {
        foreach ($keys as $key) {
            // While a dialog closes nothing takes keys.
            $this->until(fn (): bool => $this->js(self::TAKES_KEYS) === true, "Nothing takes the key {$key}.");
            self::browser()->press($key);
        }
    }

    /** Press Tab until the element with the focus matches a selector. */
    protected function tabTo(string $selector): void
    {
        for ($presses = 0; $presses < 150; $presses++) {
            if ($this->js('return document.activeElement.matches(arguments[0])', $selector) === true) {
                return;
            }
            self::browser()->press(WebDriverKeys::TAB);
        }
        self::fail("The keyboard does not reach {$selector}.");
    }

    protected function untilFocusOn(string $id): void
    {
        $this->until(
            fn (): bool => $this->js('return document.activeElement?.id') === $id,
            "The focus is not on #{$id}.",
        );
    }

    protected function js(string $script, mixed ...$arguments): mixed
    {
        return self::browser()->driver->executeScript($script, array_values($arguments));
    }

    /** @param callable(): bool $condition */
    protected function until(callable $condition, string $otherwise): void
    {
        try {
            $wait = self::browser()->driver->wait(self::PATIENCE_SECONDS, self::LOOKS_EVERY_MS);
            $wait->until(static function () use ($condition): bool {
                try {
                    return $condition();
                } catch (StaleElementReferenceException|ElementNotInteractableException) {
                    return false;
                }
            });
            $this->addToAssertionCount(1);
        } catch (TimeoutException) {
            self::fail($otherwise.' The page says: '.mb_substr($this->words(), 0, 600));
        }
    }

    private function words(): string
    {
        // A page that has only begun to come has no body yet.
        return (string) preg_replace('/\s+/u', ' ', (string) $this->js("return document.body?.innerText ?? ''"));
    }

    /** Click something; where what was just said lies over it, put that away first, as a hand would. */
    private static function pressOn(RemoteWebElement $element): void
    {
        try {
            $element->click();
        } catch (ElementClickInterceptedException) {
            self::browser()->driver->executeScript(
                "document.getElementById('answer-away').click(); arguments[0].scrollIntoView({block: 'center'})",
                [$element],
            );
            $element->click();
        }
    }

    /** @param callable(RemoteWebElement): mixed $do */
    protected function act(WebDriverBy $by, callable $do): void
    {
        $this->until(static function () use ($by, $do): bool {
            $elements = self::browser()->driver->findElements($by);
            $shown = self::browser()->driver->executeScript(self::FIRST_IN_SIGHT, [$elements]);
            $shown === -1 || $do($elements[$shown]);

            return $shown !== -1;
        }, "There is nothing at {$by->getValue()}.");
    }
}

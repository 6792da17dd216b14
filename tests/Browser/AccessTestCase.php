<?php

declare(strict_types=1);

namespace Tests\Browser;

use stdClass;

/** Views that everyone can use: axe finds nothing, nothing runs off a small screen, nothing is asked of strangers. */
abstract class AccessTestCase extends BrowserTestCase
{
    protected const LISTENS = true;

    /**
     * Of all that is written, one piece in each pair of colours and each size that no view before had: its own, and
     * whatever is painted behind it up to the page. What lies over what is the same in both schemes, and is looked at
     * in the light one.
     */
    private const ONE_OF_EACH_NEW_LOOK = <<<'JS'
        const behind = new Map();
        const painted = (element) => {
            if (!behind.has(element)) {
                const style = getComputedStyle(element);
                const own = [style.backgroundColor, style.backgroundImage, style.opacity].join();
                behind.set(element, (element.parentElement ? painted(element.parentElement) : '') + '|' + own);
            }
            return behind.get(element);
        };
        const seen = new Set(arguments[1]);
        const looks = new Map();
        for (const element of document.body.querySelectorAll('*')) {
            const isWritten = element.matches('input, select, textarea')
                || [...element.childNodes].some((node) => node.nodeType === 3 && node.data.trim() !== '');
            if (isWritten && element.checkVisibility({ visibilityProperty: true })) {
                const { color, fontSize, fontWeight } = getComputedStyle(element);
                const look = [painted(element), color, fontSize, fontWeight, element.matches(':disabled')].join();
                seen.has(look) || looks.set(look, element);
            }
        }
        return looks;
        JS;

    /** @var list<string> looks that were found good in the dark */
    private static array $seen = [];

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::browser()->bring((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
    }

    protected function setUp(): void
    {
        parent::setUp();
        self::browser()->requests();
    }

    /**
     * Each view once: by axe in both schemes, at five widths, for a thumb, and without a word in the console or a
     * request to a stranger.
     *
     * @param  array<string, string>  $views  paths, by what they are called
     */
    protected function assertForEveryone(array $views): void
    {
        self::assertNotSame([], $views);
        foreach ($views as $name => $path) {
            $this->open($path);
            $this->assertAccessible($name);
            $this->assertWithin($name);
            self::browser()->size(1280, 800);
            // A page that is not there is told so by the browser too.
            $said = array_filter(
                self::browser()->console(),
                static fn (string $line): bool => $path !== '/nowhere' || ! str_contains($line, '404'),
            );
            self::assertSame([], $said, $path);
        }
        $asked = self::browser()->requests();
        self::assertGreaterThanOrEqual(count($views), count($asked));
        $strangers = array_filter(
            $asked,
            static fn (string $address): bool => ! str_starts_with($address, self::server()->address.'/')
                && ! str_starts_with($address, 'data:'),
        );
        self::assertSame([], array_values($strangers));
    }

    /** On a phone whatever can be pressed is as large as a fingertip: 44 px, or the line or cell that carries it is. */
    private function assertForAThumb(string $which): void
    {
        $small = $this->js(<<<'JS'
            const isTick = (element) => element.matches('input[type=checkbox], input[type=radio]');
            const carrier = (element) => (isTick(element) && element.closest('label, td, .tile')) || element;
            const inMain = ['button', 'a', 'input:not([type=hidden])', 'select', 'summary'].map((one) => `main ${one}`);
            return [...document.querySelectorAll([...inMain, 'header a', 'header summary'].join(', '))]
                // What is drawn on the map stands below it once more, as lines.
                .filter((element) => element.checkVisibility() && !element.matches('.sr-only, .skip, .map-mark'))
                .filter((element) => element.getBoundingClientRect().width > 0)
                .filter((element) => carrier(element).getBoundingClientRect().height < 43.5)
                .map((element) => `${element.tagName} ${element.innerText ?? element.name}`);
            JS);

        self::assertSame([], $small, $which);
    }

    /** The narrowest phone, a phone, a laptop at 200 % zoom, a tablet, a broad screen. */
    protected function assertWithin(string $which, bool $isForAThumb = true): void
    {
        foreach ([320, 390, 640, 820, 1600] as $width) {
            self::browser()->size($width, 800);
            self::assertLessThanOrEqual(
                $width,
                $this->js('return document.documentElement.scrollWidth'),
                "{$which} at {$width}",
            );
            $width !== 390 || ! $isForAThumb || $this->assertForAThumb($which);
        }
    }

    protected function assertAccessible(string $which): void
    {
        // Where each thing stands is only worked out where there is one.
        $briefly = ['resultTypes' => ['violations'], 'selectors' => false, 'preload' => false];
        self::browser()->scheme('light');
        $found = $this->axe('document', $briefly) === [] ? [] : $this->axe('document', []);
        self::assertSame([], $found, "{$which}, light");

        // In the dark only the colours are others.
        $colours = ['runOnly' => ['color-contrast']];
        self::browser()->scheme('dark');
        $looks = 'const looks = (() => { '.self::ONE_OF_EACH_NEW_LOOK.' })(); ';
        $new = $this->js("{$looks} return [...looks.keys()]", [], self::$seen);
        self::assertIsList($new);
        if ($new !== []) {
            $found = $this->axe('{ include: [...looks.values()] }', $briefly + $colours, $looks) === []
                ? []
                : $this->axe('document', $colours);
            self::assertSame([], $found, "{$which}, dark");
            self::$seen = [...self::$seen, ...$new];
        }
    }

    /**
     * @param  string  $within  where it looks
     * @param  array<string, mixed>  $options
     * @param  string  $before  what is run first
     * @return list<string> what it finds wrong
     */
    private function axe(string $within, array $options, string $before = ''): array
    {
        return self::browser()->driver->executeAsyncScript(
            "const done = arguments[arguments.length - 1]; {$before}"
                ."window.axe.run({$within}, arguments[0]).then((found) => "
                .'done(found.violations.map((one) => one.id + ": " + one.nodes.map((node) => node.target + " " + '
                .'node.failureSummary).join("; "))));',
            [$options === [] ? new stdClass : $options, self::$seen],
        );
    }
}

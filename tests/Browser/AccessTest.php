<?php

declare(strict_types=1);

namespace Tests\Browser;

use stdClass;

/** Every main view: axe finds nothing, nothing runs off a small screen, nothing is asked of another host. */
final class AccessTest extends BrowserTestCase
{
    private const VIEWS = [
        'shelf' => '/boxes',
        'stash' => '/gather',
        'pack' => '/pack',
        'send' => '/send',
        'dates' => '/send/dates',
        'log and map' => '/send/log',
        'log' => '/send/log?q=soap&country=KE',
        'a trip' => '/send/trips/5',
        'a trip that was' => '/send/trips/3',
        'new trip' => '/send/trips/new',
        'season' => '/season',
        'what the stash makes' => '/boxes/from-stash',
        'side by side' => '/boxes/beside',
        'ideas' => '/ideas',
        'a new idea' => '/ideas/new',
        'next season' => '/season/next',
        'top-up bags' => '/send/top-up',
        'a top-up bag' => '/send/top-up/new/school',
        'review' => '/send/review',
        'labels' => '/send/labels',
        'find' => '/find?q=night',
        'new box' => '/boxes/new',
        'new lot' => '/lots/new?kind=t-shirt',
        'shopping list' => '/gather/shopping',
        'price desk' => '/gather/price-desk?kind=soap&price=8.38&pieces=9'
            .'&step[]=percent-off&value[]=50&step[]=tax&value[]=8&claim=0.30',

        'money' => '/gather/money',
        'guides' => '/guides',
        'a guide' => '/guides/harrow-ferry',
        'an evening' => '/pack/evening?people=Ines,Tom',
        'write it down' => '/gather/write',
        'packing day' => '/pack/day',
        'help' => '/help',
        'people' => '/people',
        'my account' => '/account',
        'done lately' => '/lately',
        'quick entry' => '/gather/quick',
        'in and out' => '/gather/import',
        'pocket desk' => '/gather/pocket',
        'kits' => '/gather/kits',
        'homemade' => '/gather/makes',
        'a recipe' => '/gather/makes/new',
        'size labels' => '/gather/labels?label=Gull+4',
        'for the next box' => '/boxes/next',
        'roll call' => '/pack/roll-call',
        'practice' => '/pack/practice',
        'a practice round' => '/pack/practice/find?level=2&seed=5&done=1&out[]=soap',
        'a box packed by hand' => '/pack/practice/pack?level=1&seed=5',
        'a page that is not there' => '/nowhere',
    ];

    private const BOX_VIEWS = [
        'sheet' => '',
        'picker' => '?pick=1',
        'list to buy' => '?pick=1&from=buy',
        'new thing' => '?pick=1&from=new&kind=t-shirt',
        'note' => '/note',
        'theme board' => '/theme',
        'one like it' => '/like',
        'packs decide' => '/packs',
        'filled for me' => '/fill?way=use-up',
        'lid' => '/lid?pattern=kites&saying=Hello',
        'check sheet' => '/check-sheet',
        'ledger' => '/ledger',
        'prepare' => '/prepare',
        'closing check' => '/closing',
        'compare' => '/compare',
        'how it goes in' => '/fit?step=12&turn=1',
        'answers' => '/fit/answers',
        'change' => '/edit',
    ];

    /**
     * Every main view once: by axe in both schemes, at five widths, for a thumb, and without a word in the console or a
     * request to a stranger.
     */
    public function test_every_main_view_can_be_used_by_everyone(): void
    {
        foreach (['welcome' => '/', 'sign in' => '/sign-in', 'register' => '/register'] as $name => $path) {
            $this->open($path);
            $this->assertAccessible($name);
            $this->assertWithin($name);
        }
        $this->openDemo();
        foreach ($this->views() as $name => $path) {
            $this->open($path);
            $this->assertAccessible($name);
            $this->assertWithin($name);
            $this->assertForAThumb($name);
            self::browser()->size(1280, 800);
            // A page that is not there is told so by the browser too.
            $said = array_filter(
                self::browser()->console(),
                static fn (string $line): bool => $path !== '/nowhere' || ! str_contains($line, '404'),
            );
            self::assertSame([], $said, $path);
        }
        $this->clickOn('.menu > summary');
        $this->assertAccessible('menu');
        $this->press('?');
        $this->assertAccessible('keys');
        $strangers = array_filter(
            self::browser()->requests(),
            static fn (string $address): bool => ! str_starts_with($address, self::server()->address.'/')
                && ! str_starts_with($address, 'data:'),
        );
        self::assertSame([], array_values($strangers));
    }

    public function test_a_first_visit_is_small(): void
    {
        $this->open('/');
        $this->until(
            fn (): bool => $this->js(
                "return document.fonts.status === 'loaded' && document.readyState === 'complete'",
            ) === true,
            'The page does not finish loading.',
        );
        $bytes = $this->js(
            "return [...performance.getEntriesByType('navigation'), "
                ."...performance.getEntriesByType('resource')].reduce((sum, entry) => sum + entry.encodedBodySize, 0)",
        );

        self::assertGreaterThan(60_000, $bytes);
        self::assertLessThanOrEqual(200 * 1024, $bytes);
    }

    public function test_the_check_sheet_prints_on_one_page_of_a4_and_of_letter(): void
    {
        $this->openDemo();
        foreach (['Night-sky watcher', 'Mountain hut', 'Tide pool'] as $theme) {
            $this->open($this->boxCalled($theme).'/check-sheet');
            self::assertSame(1, self::browser()->printedPages(8.27, 11.69), "{$theme} on A4");
            self::assertSame(1, self::browser()->printedPages(8.5, 11), "{$theme} on Letter");
        }
    }

    /** @return array<string, string> */
    private function views(): array
    {
        $box = $this->boxCalled('Night-sky watcher');

        $idea = self::server()->column('select id from ideas')[0];

        return [
            ...self::VIEWS,
            'an idea' => "/ideas/{$idea}",
            ...array_map(static fn (string $rest): string => $box.$rest, self::BOX_VIEWS),
        ];
    }

    private function boxCalled(string $theme): string
    {
        $this->open('/boxes');
        $address = $this->js(
            "return [...document.querySelectorAll('.shelf-box')].find((box) => "
                ."box.innerText.includes(arguments[0])).getAttribute('href')",
            $theme,
        );

        return (string) parse_url((string) $address, PHP_URL_PATH);
    }

    /** On a phone whatever can be pressed is as large as a fingertip: 44 px, or the line or cell that carries it is. */
    private function assertForAThumb(string $which): void
    {
        self::browser()->size(390, 844);
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
    private function assertWithin(string $which): void
    {
        foreach ([320, 390, 640, 820, 1600] as $width) {
            self::browser()->size($width, 800);
            self::assertLessThanOrEqual(
                $width,
                $this->js('return document.documentElement.scrollWidth'),
                "{$which} at {$width}",
            );
        }
    }

    private function assertAccessible(string $which): void
    {
        $this->js(
            (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js').'; window.axe = axe;',
        );
        foreach (['light', 'dark'] as $scheme) {
            self::browser()->scheme($scheme);
            $only = $scheme === 'dark' ? ['runOnly' => ['color-contrast']] : [];
            // Where each thing stands is only worked out where there is one.
            $found = $this->axe(['resultTypes' => ['violations'], 'selectors' => false] + $only) === []
                ? []
                : $this->axe($only);

            self::assertSame([], $found, "{$which}, {$scheme}");
        }
    }

    /**
     * @param  array<string, mixed>  $options
     * @return list<string> what it finds wrong
     */
    private function axe(array $options): array
    {
        return self::browser()->driver->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; window.axe.run(document, arguments[0]).then((found) => '
                .'done(found.violations.map((one) => one.id + ": " + one.nodes.map((node) => node.target + " " + '
                .'node.failureSummary).join("; "))));',
            [$options === [] ? new stdClass : $options],
        );
    }
}

<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Chromium;
use Tests\Browser\Support\DemoServer;

require __DIR__.'/../../vendor/autoload.php';

/**
 * Name of the picture => [the box it is of or the page's address, what follows the box's address, scheme, width,
 * height].
 */
$views = [
    'shelf' => ['/boxes', '', 'light', 1280, 800],
    'box-sheet' => ['Night-sky watcher', '', 'light', 1280, 800],
    'picker' => ['Night-sky watcher', '?pick=1', 'light', 1280, 800],
    'stash' => ['/gather', '', 'light', 1280, 800],
    'write-it-down' => ['/gather/write', '', 'light', 1280, 900],
    'packing-day' => ['/pack/day', '', 'light', 1280, 800],
    'help' => ['/help', '', 'light', 1280, 800],
    'price-desk' => [
        '/gather/price-desk?kind=soap&price=8.38&pieces=9&step[]=percent-off&value[]=50&claim=0.30',
        '',
        'light',
        390,
        844,
    ],
    'shopping-list' => ['/gather/shopping', '', 'light', 1280, 800],
    'send' => ['/send', '', 'light', 1280, 800],
    'side-by-side' => ['/boxes/beside', '', 'light', 1280, 800],
    'trip' => ['/send/trips/3', '', 'light', 1280, 800],
    'log' => ['/send/log', '', 'light', 1280, 800],
    'season' => ['/season', '', 'light', 1280, 800],
    'stash-makes' => ['/boxes/from-stash', '', 'light', 1280, 800],
    'fit-by-lamplight' => ['Night-sky watcher', '/fit?step=19&turn=1', 'dark', 1280, 800],
    'bench' => ['Night-sky watcher', '/bench', 'light', 1280, 800],
    'theme-board' => ['Night-sky watcher', '/theme', 'light', 1280, 800],
    'box-sheet-on-a-phone' => ['Little railway', '', 'light', 390, 844],
];
/** What stands on a receipt with a coupon and tax, and one line that has to be asked about. */
function writeSome(Chromium $browser): void
{
    $lines = [
        '8 soap 3.95 -50%', '2 packs of 12 washcloths 9.12', 'socks 5-6 x3 from Ines', 'owl keyring 0.75',
        'crochet cloth made, cotton 1.20, 40 min', '6 combs 2.40 for Tide pool', 'tax 8% on combs, soap', 'coupon 1.00',
    ];
    $browser->driver->executeScript(
        'const field = document.querySelector("#lines"); field.value = arguments[0];'
            .'field.dispatchEvent(new Event("input", { bubbles: true }))',
        [implode("\n", $lines)],
    );
    $browser->driver->wait(20, 50)->until(static fn (): bool => $browser->driver->executeScript(
        'return document.querySelectorAll("#understood-rows li").length === arguments[0]',
        [count($lines)],
    ) === true);
}

/** Two people sit down. */
function sitDown(Chromium $browser): void
{
    foreach (['Ines', 'Bram'] as $place => $name) {
        $browser->driver->executeScript(
            'const form = document.querySelectorAll("#day-boxes form:has(input[name=name])")[arguments[0]];'
                .'form.querySelector("input[name=name]").value = arguments[1]; form.submit()',
            [$place, $name],
        );
        $browser->driver->wait(20, 50)->until(static fn (): bool => $browser->driver->executeScript(
            'return document.querySelectorAll(".day-seat").length === arguments[0]',
            [$place + 1],
        ) === true);
    }
}

/** Begin at the bench, and put so much in. */
function packSome(Chromium $browser, int $steps): void
{
    for ($step = 0; $step <= $steps; $step++) {
        // Where the crew lays everything out first, beginning is the second button.
        $browser->driver->executeScript(
            "document.querySelector(document.querySelector('.bench-path') ? '#bench .button.go'"
                ." : 'form[action\$=\"/bench\"] button').click()",
        );
        $browser->driver->wait(20, 50)->until(static fn (): bool => $browser->driver->executeScript(
            'return document.querySelectorAll(".bench-path .is-in").length === arguments[0]'
                .' && document.querySelector(".bench-path") !== null',
            [$step],
        ) === true);
    }
}

$folder = dirname(__DIR__, 2).'/docs/screenshots';
$server = new DemoServer;
$browser = new Chromium;
try {
    $browser->driver->get("{$server->address}/");
    $browser->driver->findElement(WebDriverBy::cssSelector('form[action$="/demo"] button'))->click();
    foreach ($views as $name => [$what, $rest, $scheme, $width, $height]) {
        $browser->size($width, $height);
        $browser->scheme($scheme);
        $address = $what;
        if (! str_starts_with($what, '/')) {
            $browser->driver->get("{$server->address}/boxes");
            $address = parse_url(
                (string) $browser->driver->findElement(
                    WebDriverBy::xpath("//a[contains(@class, 'shelf-box')][contains(., '{$what}')]"),
                )->getAttribute('href'),
                PHP_URL_PATH,
            ).$rest;
        }
        $browser->driver->get($server->address.$address);
        if ($name === 'bench') {
            packSome($browser, 10);
        }
        if ($name === 'write-it-down') {
            writeSome($browser);
        }
        if ($name === 'packing-day') {
            sitDown($browser);
        }
        $browser->driver->wait(10, 50)->until(
            static fn (): bool => $browser->driver->executeScript(
                "document.activeElement.blur(); return document.fonts.status === 'loaded'",
            ) === true,
        );
        $browser->picture("{$folder}/{$name}.png");
        echo "{$name}.png\n";
    }
} finally {
    $browser->close();
    $server->end();
}

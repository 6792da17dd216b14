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
    'welcome' => ['/', '', 'light', 1280, 800],
    'shelf' => ['/boxes', '', 'light', 1280, 800],
    'box-sheet' => ['Night-sky watcher', '', 'light', 1280, 800],
    'picker' => ['Night-sky watcher', '?pick=1', 'light', 1280, 800],
    'stash' => ['/gather', '', 'light', 1280, 800],
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
    'closing-check' => ['Night-sky watcher', '/closing', 'light', 1280, 800],
    'guide' => ['/guides/pellwick-quay', '', 'light', 1280, 800],
    'theme-board' => ['Night-sky watcher', '/theme', 'light', 1280, 800],
    'box-sheet-on-a-phone' => ['Little railway', '', 'light', 390, 844],
];
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
    $browser->picture("{$folder}/welcome.png");
    $browser->driver->findElement(WebDriverBy::cssSelector('form[action$="/demo"] button'))->click();
    foreach ($views as $name => [$what, $rest, $scheme, $width, $height]) {
        if ($name === 'welcome') {
            continue;
        }
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

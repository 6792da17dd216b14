<?php

declare(strict_types=1);

return [
    // Names by which people reach the application, separated by commas; any where none is named.
    'hosts' => array_values(array_filter(array_map(trim(...), explode(',', (string) env('WREN_HOSTS', ''))))),

    // Addresses of proxies in front of the application, separated by commas, that say who asks and whether by https.
    'proxies' => array_values(array_filter(explode(',', (string) env('WREN_PROXIES', '')))),

    // Where backups of the table are kept.
    'backups' => env('WREN_BACKUPS', storage_path('backups')),

    /*
    |--------------------------------------------------------------------------
    | The Demo Table
    |--------------------------------------------------------------------------
    |
    | With the demo table on, the welcome page offers a button that opens a
    | crew full of made-up boxes to anyone, without a password. The demo
    | script turns it on; leave it off wherever real boxes are kept.
    |
    */

    'demo' => (bool) env('WREN_DEMO', false),

    /*
    |--------------------------------------------------------------------------
    | The Clock
    |--------------------------------------------------------------------------
    |
    | Pictures and tests need days that do not move. Give a date here, and
    | the whole application takes it for today; leave it empty and it is
    | the machine's own clock that counts, as anyone would expect it.
    |
    */

    'today' => env('WREN_TODAY'),

    /*
    |--------------------------------------------------------------------------
    | This Season's Guide
    |--------------------------------------------------------------------------
    |
    | New boxes are planned by this drive guide, one of those in the folder
    | data/guides. A box keeps the guide that it was planned with, so a
    | change here is safe while last season's boxes are on the shelf.
    |
    */

    'guide' => env('WREN_GUIDE', 'pellwick-quay'),

    /*
    |--------------------------------------------------------------------------
    | What Became of the Boxes
    |--------------------------------------------------------------------------
    |
    | Where the drive's tracking service is; without an address nobody is
    | asked, and countries are typed. Then how many seconds lie between two
    | questions about one docket, how many seconds one answer may take, and
    | how many dockets are asked about in one go.
    |
    */

    'tracking' => [
        'url' => env('WREN_TRACKING_URL'),
        'pace' => (int) env('WREN_TRACKING_PACE', 6 * 3600),
        'patience' => (int) env('WREN_TRACKING_PATIENCE', 3),
        'at_once' => 8,
    ],

    /*
    |--------------------------------------------------------------------------
    | The Fit Engine's Patience
    |--------------------------------------------------------------------------
    |
    | How many packings are tried at most, and after how many milliseconds
    | the trying stops: when a box changes on the page, in the background,
    | and for one of several answers. Without the clock it is the number
    | alone that counts, so that every machine finds the same packing.
    | Then how long a page waits while another of the same crew is being
    | worked out, and how many seconds a box is left alone before its
    | measures are put to test.
    |
    */

    'fit' => [
        'clock' => (bool) env('WREN_FIT_CLOCK', true),
        'page' => ['attempts' => 24, 'ms' => (int) env('WREN_FIT_MS', 80)],
        'thorough' => ['attempts' => env('WREN_FIT_CLOCK', true) ? 100_000 : 30, 'ms' => 1000],
        'answer' => ['attempts' => env('WREN_FIT_CLOCK', true) ? 100_000 : 6, 'ms' => 50],
        'bench' => ['attempts' => env('WREN_FIT_CLOCK', true) ? 100_000 : 6, 'ms' => 35],
        // By attempts: the same stash and box give the same proposal. The time only guards against the worst.
        'fill' => ['attempts' => env('WREN_FIT_CLOCK', true) ? 8 : 4, 'ms' => 300],
        'glance' => ['attempts' => 4, 'ms' => 150],
        'turn_ms' => 150,
        'alone_seconds' => (int) env('WREN_FIT_ALONE_SECONDS', 60),
    ],

];

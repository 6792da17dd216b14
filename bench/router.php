<?php

declare(strict_types=1);

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

// The application with one page more: its layout with nothing in it, which every other page is measured against.
require __DIR__.'/../vendor/autoload.php';

/** @var Application $app */
$app = require_once __DIR__.'/../bootstrap/app.php';
$app->booted(
    static fn () => Route::middleware(['web', 'auth'])->get(
        'bench/empty',
        static fn () => view('components.layout', ['title' => 'Empty', 'station' => null, 'slot' => '']),
    ),
);
$_SERVER['SCRIPT_NAME'] = '/index.php';
$response = $app->make(Kernel::class)->handle($request = Request::capture());
$response->send();
$app->make(Kernel::class)->terminate($request, $response);

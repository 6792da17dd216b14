<?php

declare(strict_types=1);

return [

    'driver' => env('SESSION_DRIVER', 'aside'),

    'files' => storage_path('framework/sessions'),

    'lifetime' => 60 * 24 * 14,

    // Where the clock is set to a day gone by, a cookie with a date would be stale when it comes.
    'expire_on_close' => (bool) env('WREN_TODAY', false),

    'cookie' => 'wren_session',

    // Only over https, where the application is reached by nothing else.
    'secure' => env('SESSION_SECURE_COOKIE'),

    'http_only' => true,

    'same_site' => 'lax',

];

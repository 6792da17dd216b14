<?php

declare(strict_types=1);

// For PHP's own server: files of public/ as they are, kept by browsers where their names change with their content; all
// else is the application's.
$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = realpath(__DIR__.'/../../public'.$path);
$public = (string) realpath(__DIR__.'/../../public');

if (
    $file !== false
        && is_file($file)
        && str_starts_with($file, $public.DIRECTORY_SEPARATOR)
        && ! str_ends_with($file, '.php')
) {
    $types = [
        'css' => 'text/css',
        'js' => 'text/javascript',
        'svg' => 'image/svg+xml',
        'woff2' => 'font/woff2',
        'txt' => 'text/plain',
        'json' => 'application/json',
        'webmanifest' => 'application/manifest+json',
    ];
    header('Content-Type: '.($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('X-Content-Type-Options: nosniff');
    header(
        'Cache-Control: '.(
            str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'
        ),
    );
    if (str_ends_with($file, '.woff2')) {
        ini_set('zlib.output_compression', 'Off');
    }
    readfile($file);

    return true;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
require $public.'/index.php';

return true;

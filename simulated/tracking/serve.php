<?php

declare(strict_types=1);

// The made-up drive's tracking service, for PHP's own server: php -S 127.0.0.1:8124 simulated/tracking/serve.php

use Simulated\Tracking\Story;

require __DIR__.'/Story.php';

$path = (string) parse_url((string) ($_SERVER['REQUEST_URI'] ?? ''), PHP_URL_PATH);
$docket = preg_match('~^/dockets/([A-Z0-9%/-]+)$~', $path, $found) === 1 ? rawurldecode($found[1]) : '';
$asked = $_GET['handed_in'] ?? null;
$handedIn = is_string($asked) ? date_create_immutable($asked) : false;
$today = getenv('WREN_TODAY');
$now = new DateTimeImmutable($today === false || $today === '' ? 'now' : "{$today} 10:00");
$speed = max(1, (int) getenv('WREN_TRACKING_SPEED'));

header('Content-Type: application/json');
if ($docket === '' || $handedIn === false || str_ends_with($docket, '404')) {
    http_response_code(404);
    echo '{"error": "No such docket."}';
} elseif (str_ends_with($docket, '98')) {
    http_response_code(503);
    echo '{"error": "Please ask again later."}';
} elseif (str_ends_with($docket, '99')) {
    echo '<html><body>The tide was out.</body></html>';
} else {
    if (str_ends_with($docket, '97')) {
        sleep(10);
    }
    echo json_encode((new Story($speed))->of($docket, $handedIn, $now), JSON_THROW_ON_ERROR);
}

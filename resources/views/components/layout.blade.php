@props(['title', 'station' => null, 'bare' => false])

<!doctype html>
<html lang="en" data-scheme="{{ $scheme }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="htmx-config" content='{"includeIndicatorCSS": false, "noSwap": [204, 304, 401, 403, 404, 405, 419, 429, "5xx"]}'>
    <title>{{ $title }} · {{ config('app.name') }}</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body class="font-sans">
    <a class="skip button" href="#content">Skip to the page</a>

    @unless ($bare)
        <x-top-bar :station="$station" />
    @endunless

    <main id="content" tabindex="-1" class="mx-auto max-w-[100rem] px-4 pb-12 outline-none wide:px-6">
        {{ $slot }}
    </main>

    <p id="failed" role="alert" class="said wrong mx-auto max-w-[100rem] px-4 wide:px-6"
        data-gone="That is no longer there; someone may have changed it meanwhile. Load the page again."
        data-stale="The page has lain open too long. Load it again; what was saved is safe."
        data-often="That was a little fast. Wait a moment and try again."
        data-unreachable="That did not reach the table. Check the connection and try again; nothing was changed."
        data-other="That did not work, and nothing was changed. Please try again."></p>

    @auth
        <x-keys />
    @endauth
</body>
</html>

@props(['title', 'station' => null, 'bare' => false])

<!doctype html>
<html lang="en" data-scheme="{{ $scheme }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="htmx-config"
        content='{"includeIndicatorCSS": false, "noSwap": [204, 304, 401, 403, 404, 405, 419, 429, "5xx"]}'>
    <title>{{ $title }} · {{ config('app.name') }}</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    <link rel="manifest" href="/manifest.webmanifest">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body class="font-sans" data-crew="{{ auth()->user()?->crew_id }}">
    <a class="skip button" href="#content">{{ __('components/layout.skip-to-the-page') }}</a>

    @unless ($bare)
        <x-top-bar :station="$station" />
    @endunless

    <main id="content" tabindex="-1" class="mx-auto max-w-[100rem] px-4 pb-12 outline-none wide:px-6">
        {{ $slot }}
    </main>

    <x-answer />
    <p id="gauge-news" role="status" class="sr-only"></p>

    @auth
        <x-keys />
    @endauth
</body>
</html>

{{-- Stands without the database: nothing in here asks who is signed in. --}}
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ __("answer.titles.{$reason}") }} · {{ config('app.name') }}</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css'])
</head>
<body class="font-sans">
    <main class="mx-auto max-w-2xl px-4">
        <section class="cut mt-10 p-8">
            <x-mark class="h-20 w-24" />
            <h1 class="mt-3">{{ __("answer.titles.{$reason}") }}</h1>
            <p class="mt-2">{{ __("answer.{$reason}") }}</p>
            @if ($again !== [])
                <form method="post" action="{{ $address }}" class="mt-5">
                    @csrf
                    @if ($method !== 'POST') @method($method) @endif
                    @foreach ($again as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">
                        @endforeach
                    <button class="button go">{{ __('answer.again') }}</button>
                </form>
            @else
                <a class="button go mt-5" href="{{ $method === 'GET' ? $address : '/' }}">{{ __('answer.again') }}</a>
            @endif
        </section>
    </main>
</body>
</html>

<x-layout :title="__('crew/people.mailbox')">
    <div class="mx-auto max-w-2xl pt-4">
        <h1>{{ __('crew/people.mailbox') }}</h1>
        <p class="pb-3 text-ink-soft">{{ __('crew/people.mailbox-says') }}</p>
        @forelse ($mails as $mail)
            <article class="cut mb-3.5 p-4">
                <h2 class="text-base">{{ $mail['subject'] }}</h2>
                <p class="text-ink-soft">{{ __('crew/people.mail-to', ['to' => $mail['to']]) }}</p>
                @foreach (explode("\n", $mail['text']) as $line)
                    <p class="break-words">@if (str_starts_with($line, 'http'))<a class="link"
                        href="{{ $line }}">{{ $line }}</a>@else{{ $line }}@endif</p>
                @endforeach
            </article>
        @empty
            <p class="cut p-4">{{ __('crew/people.mailbox-empty') }}</p>
        @endforelse
    </div>
</x-layout>

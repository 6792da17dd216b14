<x-layout :title="__('crew/help.title')">
    <div class="mx-auto max-w-4xl pt-2">
        <h1>{{ __('crew/help.title') }}</h1>
        <p class="pb-3 text-ink-soft">{{ __('crew/help.lead') }} {{ __('crew/help.keys') }}
            <a class="link" href="{{ route('lately') }}">{{ __('crew/help.undo') }}</a></p>
        <section class="cut mb-3.5 p-5" aria-labelledby="path">
            <h2 id="path">{{ __('crew/help.path') }}</h2>
            <ol class="help-path">
                @foreach ($steps as $step => $route)
                    <li><a class="link font-semibold" href="{{ $route }}">{{ __("crew/help.steps.{$step}.0") }}</a>
                        <span>{{ __("crew/help.steps.{$step}.1") }}</span></li>
                @endforeach
            </ol>
        </section>
        <section class="cut p-5" aria-labelledby="words">
            <h2 id="words">{{ __('crew/help.words') }}</h2>
            <dl class="help-words">
                @foreach (__('crew/help.glossary') as $id => [$word, $means])
                    <div id="word-{{ $id }}"><dt>{{ $word }}</dt><dd>{{ $means }}</dd></div>
                @endforeach
            </dl>
        </section>
    </div>
</x-layout>

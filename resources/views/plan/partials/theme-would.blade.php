{{-- What lies free and would go with a theme, each with one thing to do with it. --}}
<section aria-labelledby="would">
    <h2 id="would" class="pb-1.5">{{ __('plan/theme.would') }}</h2>
    @if ($would === [])
        <p>{{ __('plan/theme.would-none') }}</p>
    @else
        <ul class="theme-tiles">
            @foreach ($would as $tile)
                <li class="theme-tile is-waiting">
                    @include('plan.partials.theme-tile')
                    <form method="post" action="{{ $action }}"
                        class="mt-auto flex flex-wrap items-center justify-between gap-2 px-2.5 pb-2.5">
                        @csrf
                        <x-once />
                        <input type="hidden" name="lot" value="{{ $tile->id }}">
                        <input type="hidden" name="quantity" value="1">
                        <span class="text-ink-soft tabular">{{ $tile->free() }}</span>
                        @if ($button !== null)<button class="button small">{{ $button }}<span
                            class="sr-only">: {{ $tile->name }}</span></button>@endif
                    </form>
                </li>
            @endforeach
        </ul>
    @endif
</section>

@php($all = $sheets->count() + $handedIn->count())
<x-layout :title="__('plan/views/index.the-shelf')" station="shelf">
    <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
        <div>
            <h1>{{ __('plan/views/index.the-shelf') }}</h1>
            @if ($all > 0)
                <p class="text-ink-soft">
                    {{ trans_choice('plan/boxes.on-shelf', $all) }}
                    @if ($next)<b class="text-ink">{{ __('plan/views/index.next') }}</b>
                        <a class="link font-normal text-ink"
                            href="{{ route('boxes.show', $next->box) }}">{{ $next->says }}</a>@endif
                </p>
            @endif
        </div>
        @if ($all > 0)
            <div class="flex flex-wrap items-center gap-2.5">
                @if ($leftBehind > 0)
                    <a class="link" href="{{ route('next-box') }}">{{ trans_choice('plan/next-box.count',
                        $leftBehind) }}</a>
                @endif
                <a class="link" href="{{ route('ideas') }}">{{ __('plan/ideas.link') }}</a>
                <a class="link" href="{{ route('stash-makes') }}">{{ __('plan/stash-makes.link') }}</a>
                <a class="link" href="{{ route('boxes.beside') }}">{{ __('plan/beside.link') }}</a>
                <a class="button" href="{{ route('guides') }}">{{ __('plan/views/index.drive-guides') }}</a><a
                    class="button go" href="{{ route('boxes.create') }}" data-key="n">{{
                    __('plan/views/index.new-box') }}
                    <kbd aria-hidden="true">N</kbd></a>
            </div>
        @endif
    </div>

    @if ($all === 0)
        @include('plan.partials.first-box')
    @else
        @foreach ($choices->stages as $stage)
            @php($isGone = $stage->value === 'handed-in')
            @php($standing = $isGone ? $handedIn : $sheets->filter(fn ($sheet) => $sheet->box->stage === $stage))
            <section class="shelf-row mb-5" aria-labelledby="shelf-{{ $stage->value }}">
                <div class="max-md:flex max-md:items-baseline max-md:gap-3 md:pt-4">
                    <h2 id="shelf-{{ $stage->value }}">{{ __("plan/stages.{$stage->value}.shelf") }}</h2>
                    <p class="text-ink-soft">
                        {{ $standing->isEmpty() ? __("plan/stages.{$stage->value}.empty")
                            : __("plan/stages.{$stage->value}.says") }}
                    </p>
                </div>
                @if ($standing->isEmpty())
                    <div class="flex flex-col justify-end md:min-h-16"><div class="board"></div></div>
                @elseif ($isGone)
                    @include('plan.partials.named-on-shelf')
                @else
                    @part('plan.partials.boxes-on-shelf', ['sheets' => $standing, 'mayTry' => true])
                @endif
            </section>
        @endforeach
    @endif
    @if ($deleted !== [])
        <details class="mt-2">
            <summary class="link text-ink-soft">{{ __('plan/history.deleted-boxes') }} ({{ count($deleted) }})
            </summary>
            <ul class="cut mt-2 max-w-2xl px-4 py-1">
                @foreach ($deleted as $line)
                    <li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t-[1.5px] border-line py-1.5
                        first:border-t-0">
                        <span><b>{{ $line['theme'] }}</b><span
                            class="text-ink-soft">, {{ $line['by'] }},
                            {{ $line['at'] }}</span></span>
                        <form method="post" action="{{ route('box-changes.undo', $line['change']) }}" class="ml-auto">
                            @csrf<button class="button small">
                                {{ __('plan/history.bring-back') }}<span
                                    class="sr-only">: {{ $line['theme'] }}</span></button>
                        </form>
                    </li>
                @endforeach
            </ul>
        </details>
    @endif
    <details class="mt-2" @if ($errors->has('file')) open @endif>
        <summary class="link text-ink-soft">{{ __('plan/views/index.bring-in-a-box-from') }}</summary>
        <form method="post" action="{{ route('boxes.import') }}" enctype="multipart/form-data"
            class="cut mt-2 grid max-w-md gap-3 p-4">
            @csrf
            <x-once />
            <x-field name="file" :label="__('plan/views/index.a-box-file-json')"><input class="input" type="file"
                id="file" name="file"
                accept="application/json,.json" required></x-field>
            <button class="button justify-self-start">{{ __('plan/views/index.put-it-on-the-shelf') }}</button>
        </form>
    </details>
</x-layout>

<x-layout :title="__('pack/views/index.pack')" station="pack">
    <h1>{{ __('pack/views/index.pack') }}</h1>
    <p class="pb-4 text-ink-soft">
        {{ __('pack/views/index.boxes-that-are-ready-take') }}
        <a class="link" href="{{ route('evening') }}">{{ __('pack/views/index.tonights-tasks-over-all-boxes') }}</a> ·
        <a class="link" href="{{ route('day') }}">{{ __('pack/day.title') }}</a> ·
        <a class="link" href="{{ route('roll-call') }}">{{ __('pack/bench.roll.open') }}</a> ·
        <a class="link" href="{{ route('practice') }}">{{ __('pack/practice.title') }}</a>
    </p>
    @forelse ($sheets as $sheet)
        <section class="cut mb-4 grid gap-5 p-5 wide:grid-cols-[1fr_1.1fr]"
            aria-labelledby="pack-{{ $sheet->box->id }}">
            <div>
                <h2 id="pack-{{ $sheet->box->id }}" class="text-[1.6rem]">{{ $sheet->box->theme }}</h2>
                <p class="text-ink-soft">
                    {{ __('pack/views/index.box-number-value-band-packing', [
                        'number' => $sheet->box->number,
                        'value' => __("people.{$sheet->box->gender->value}"),
                        'band' => $sheet->box->recipient()->band->label(),
                        'packing' => $sheet->packing->inShort(),
                    ]) }}
                </p>
                <x-mini-gauges :gauges="$sheet->gauges" class="mt-3 max-w-md text-lg" />
                <x-open-box :drawing="$sheet->packing->drawing()" class="mt-4 w-full" />
                <div class="mt-4 flex flex-wrap gap-3">
                    <a class="button go"
                        href="{{ route('bench', $sheet->box) }}">{{ __('pack/bench.begin') }}</a>
                    <a class="button" href="{{ route('boxes.closing', $sheet->box) }}">{{
                        __('pack/views/index.all-in-the-closing-check') }}</a>
                    <a class="button" href="{{ route('boxes.check-sheet', $sheet->box) }}">{{
                        __('pack/views/index.print-the-check-sheet') }}</a>
                    <a class="button" href="{{ route('boxes.show', $sheet->box) }}">{{
                        __('pack/views/index.open-the-box') }}</a>
                </div>
            </div>
            <div>
                @if ($sheet->packing->order() === [])
                    <p class="text-lg">
                        {{ __('pack/views/index.how-it-goes-in-was') }}
                        <a class="link" href="{{ route('boxes.show', $sheet->box) }}">{{
                            __('pack/views/index.open-the-box') }}</a> {{ __('pack/views/index.to-try') }}
                    </p>
                @else
                    <ol class="steps-list text-[1.2rem] leading-snug">
                        @foreach ($sheet->packing->moves() as $move)
                            <li class="mb-1.5">
                                <b class="figure">{{ $move->step }}.</b> {{ $sheet->packing->saysMove($move) }}
                            </li>
                        @endforeach
                    </ol>
                @endif
            </div>
        </section>
    @empty
        <section class="cut max-w-2xl p-6">
            <h2>{{ __('pack/views/index.no-box-is-ready-to') }}</h2>
            <p class="my-3">
                {{ __('pack/views/index.when-everything-for-a-box') }}
            </p>
            <a class="button go" href="{{ route('shelf') }}">{{ __('pack/views/index.to-the-shelf') }}</a>
        </section>
    @endforelse
    @if ($taught->lessons->boxes() > 0 || $taught->taken !== [])
        <section class="cut mb-4 max-w-3xl px-5 py-4" aria-labelledby="taught">
            <h2 id="taught">{{ __('pack/bench.learned.heading') }}</h2>
            <p>{{ trans_choice('pack/bench.learned.as-foretold', $taught->lessons->boxes(),
                ['as' => $taught->lessons->asForetold(), 'all' => $taught->lessons->boxes()]) }}</p>
            <ul>
                @foreach ($taught->proposed as $lesson)
                    <li class="flex flex-wrap items-center gap-3 border-t-[1.5px] border-line py-2">
                        <span class="min-w-60 grow basis-0">{{ $taught->says($lesson) }}</span>
                        <form method="post" action="{{ route('learned.store') }}">
                            @csrf
                            <input type="hidden" name="what" value="{{ $lesson->what }}">
                            <input type="hidden" name="kind" value="{{ $lesson->id }}">
                            <button class="button small">{{ __('pack/bench.learned.take') }}</button>
                        </form>
                    </li>
                @endforeach
                @foreach ($taught->taken as $taken)
                    <li class="flex flex-wrap items-center gap-3 border-t-[1.5px] border-line py-2 text-ink-soft">
                        <span class="min-w-60 grow basis-0">{{ $taught->saysTaken($taken) }}</span>
                        <form method="post" action="{{ route('learned.destroy', $taken) }}">
                            @csrf
                            @method('delete')
                            <button class="button small">{{ __('pack/bench.learned.back') }}</button>
                        </form>
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
</x-layout>

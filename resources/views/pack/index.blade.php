<x-layout title="Pack" station="pack">
    <h1>Pack</h1>
    <p class="pb-4 text-ink-soft">
        Boxes that are ready: take one to the table, and put its pieces in as numbered.
        <a class="link" href="{{ route('evening') }}">Tonight’s tasks over all boxes</a> ·
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
                    Box {{ $sheet->box->number }} · {{ __("people.{$sheet->box->gender->value}") }},
                    {{ $sheet->box->recipient()->band->label() }} · {{ $sheet->packingInShort() }}
                </p>
                <x-mini-gauges :gauges="$sheet->gauges" class="mt-3 max-w-md text-lg" />
                <x-open-box :drawing="$sheet->drawing()" class="mt-4 w-full" />
                <div class="mt-4 flex flex-wrap gap-3">
                    <a class="button go"
                        href="{{ route('bench', $sheet->box) }}">{{ __('pack/bench.begin') }}</a>
                    <a class="button" href="{{ route('boxes.closing', $sheet->box) }}">All in: the closing check</a>
                    <a class="button" href="{{ route('boxes.check-sheet', $sheet->box) }}">Print the check sheet</a>
                    <a class="button" href="{{ route('boxes.show', $sheet->box) }}">Open the box</a>
                </div>
            </div>
            <div>
                @if ($sheet->packingOrder() === [])
                    <p class="text-lg">
                        How it goes in was not checked yet.
                        <a class="link" href="{{ route('boxes.show', $sheet->box) }}">Open the box</a> to try.
                    </p>
                @else
                    <ol class="steps-list text-[1.2rem] leading-snug">
                        @foreach ($sheet->moves() as $move)
                            <li class="mb-1.5">
                                <b class="figure">{{ $move->step }}.</b> {{ $sheet->saysMove($move) }}
                            </li>
                        @endforeach
                    </ol>
                @endif
            </div>
        </section>
    @empty
        <section class="cut max-w-2xl p-6">
            <h2>No box is ready to pack</h2>
            <p class="my-3">
                When everything for a box lies on the table, open the box on the shelf and move it to “Ready to pack”.
                It shows up here with the order in which its pieces go in.
            </p>
            <a class="button go" href="{{ route('shelf') }}">To the shelf</a>
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

<x-layout title="Pack" station="pack">
    <h1>Pack</h1>
    <p class="pb-4 text-ink-soft">
        Boxes that are ready: take one to the table, and put its pieces in as numbered.
        <a class="link" href="{{ route('evening') }}">Tonight’s tasks over all boxes</a> ·
        <a class="link" href="{{ route('roll-call') }}">{{ __('pack/bench.roll.open') }}</a>
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
                        How it goes in was not tried yet.
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
</x-layout>

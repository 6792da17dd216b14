<x-layout :title="$sheet->box->theme" station="shelf">
    @fragment('sheet')
        <div id="sheet" hx-sync:inherited="#sheet:queue all"
            hx-target:inherited="#sheet" hx-swap:inherited="outerMorph">
            @include('plan.partials.head')
            <x-mini-gauges :gauges="$sheet->gauges" class="in-sight" hidden />
            <x-gauges :gauges="$sheet->gauges" :then="$sheet->costsThen()" class="mb-3.5" />

            @if ($sheet->mayImprove)
                {{-- A new form with each sheet, so that the longer try waits until the page has been left alone for a
                     moment. --}}
                <form id="improve-{{ Str::random(8) }}" method="post"
                    action="{{ route('boxes.fit-improve', $sheet->box) }}"
                    hx-post="{{ route('boxes.fit-improve', $sheet->box) }}" hx-swap="none"
                    hx-trigger="load delay:500ms, packing-waits from:body delay:1s" hx-sync="this"
                    hidden>@csrf</form>
            @endif
            <div class="sheet-grid">
                <section aria-label="{{ __('plan/views/show.lanes') }}" class="cut px-4 py-1">
                    @include('plan.partials.lanes')
                </section>
                {{-- The box as it is packed, or the picker in its place, which is brought alone. --}}
                <div id="beside" class="contents">
                    @if ($state->isOpen && $sheet->box->stage->isOpen())
                        @include('plan.partials.picker')
                    @else
                        @include('plan.partials.open-box')
                    @endif
                </div>
            </div>

            @include('plan.partials.flags')
            @include('plan.partials.foot')
        </div>
    @endfragment
</x-layout>

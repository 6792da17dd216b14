{{-- Ways to go on after something did not go in, each with its key. --}}
@foreach ($bench->proposals as $proposal)
    <form method="post" action="{{ route('bench.go-on', $bench->sheet->box) }}"
        hx-post="{{ route('bench.go-on', $bench->sheet->box) }}" hx-target="#bench" hx-swap="outerMorph"
        class="flex flex-wrap items-center gap-3">
        @csrf<x-once />
        <input type="hidden" name="piece" value="{{ $bench->refused }}">
        <input type="hidden" name="how" value="{{ $bench->how->value }}">
        <input type="hidden" name="way" value="{{ $proposal->way }}">
        <p class="grow basis-64 text-lg">{{ $bench->saysProposal($proposal) }}</p>
        <button class="button" data-key="{{ $keys[$loop->index] }}">{{ __('pack/bench.ways.do') }}
            <kbd aria-hidden="true">{{ strtoupper($keys[$loop->index]) }}</kbd></button>
    </form>
@endforeach

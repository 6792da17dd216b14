<a class="shelf-box" href="{{ route('boxes.show', $sheet->box) }}">
    <x-standing-box :$sheet class="h-[6.2rem] w-full" />
    <div class="board"></div>
    <span class="shelf-name mt-1.5 block font-semibold">{{ $sheet->box->theme }}</span>
    <x-mini-gauges :gauges="$sheet->gauges" class="mt-1" />
</a>

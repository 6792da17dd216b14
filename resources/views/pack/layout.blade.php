<x-paper :title="__('pack/bench.layout.title', ['box' => $layout->sheet->box->theme])" station="pack"
    :print="__('pack/bench.layout.print')" :back="__('pack/bench.layout.back')"
    :back-to="route('bench', $layout->sheet->box)">
    <header>
        <h1>{{ __('pack/bench.layout.title', ['box' => $layout->sheet->box->theme]) }}</h1>
        <p>{{ __('pack/views/layout.name-measures', [
            'name' => $layout->sheet->plan->boxKind->name,
            'measures' => $write->insideOf($layout->sheet->plan->boxKind),
        ]) }}
            @if ($layout->bench->closed !== null)
                · {{ __("pack/bench.closed.{$layout->bench->closed}") }}
            @endif
        </p>
        <p>{{ $layout->otherwise() === [] ? __('pack/bench.layout.as-planned')
            : __('pack/bench.layout.otherwise', ['names' => implode(', ', $layout->otherwise())]) }}
            @if ($layout->notIn() !== [])
                {{ __('pack/bench.layout.not-in', ['names' => implode(', ', $layout->notIn())]) }}
            @endif
            @if ($layout->bench->remark !== null) {{ $layout->bench->remark }} @endif</p>
    </header>
    <ol class="mt-[3mm] grid grid-cols-2 gap-[3mm] sm:grid-cols-4 print:grid-cols-4">
        @foreach ($layout->moves as $move)
            @php($drawing = $layout->drawing($move))
            <li class="break-inside-avoid">
                @if ($drawing !== null)
                    <x-open-box :drawing="$drawing" :current="$move->ids()" :isNumbered="false" class="w-full" />
                @endif
                <p class="text-[9pt] leading-tight"><b>{{ $loop->iteration }}.</b> {{ $layout->says($move) }}</p>
            </li>
        @endforeach
    </ol>
</x-paper>

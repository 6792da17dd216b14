@switch($remedy->id())
    @case('take-out')
        @sheetForm(route('pieces.destroy', $remedy->piece), 'delete')
            <button class="button small">
                {{ __('plan/flags.do.take-out') }}<span class="sr-only">: {{ $about }}</span></button>
        @endSheetForm
        @break
    @case('have-fewer')
        @sheetForm(route('pieces.update', $remedy->piece), 'patch')
            <input type="hidden" name="quantity" value="{{ $remedy->quantity }}">
            <button class="button small">
                {{ __('plan/flags.do.have-fewer', ['quantity' => $remedy->quantity]) }}<span class="sr-only">:
                    {{ $about }}</span></button>
        @endSheetForm
        @break
    @case('do')
        @sheetForm(route('tasks.piece', [$remedy->piece, $remedy->task->value]), 'put')
            <input type="hidden" name="done" value="1">
            <button class="button small">
                {{ __('plan/views/partials/remedy.done-value', [
                    'value' => __("pack/tasks.name.{$remedy->task->value}"),
                ]) }}<span
                    class="sr-only">, {{ $about }}</span></button>
        @endSheetForm
        @break
    @case('pick')
        @php([$onHand, $offered] = [$picker->onHandOf($remedy->kinds, $sheet->plan->recipient->band),
            $sheet->kindToOffer($remedy->kinds)])
        @if ($onHand > 0)
            @php($pickAddress = route('boxes.show',
                [$sheet->box, 'pick' => 1, 'from' => 'stash', 'q' => $sheet->kindName($offered)]))
            <a class="button small" @toPicker($pickAddress)>{{ __('plan/flags.do.pick') }}<span class="sr-only">:
                    {{ $sheet->kindName($offered) }}</span></a>
        @else
            @sheetForm(route('pieces.store', $sheet->box))
                <input type="hidden" name="buy" value="{{ $offered }}">
                <input type="hidden" name="quantity" value="1">
                <button class="button small">
                    {{ __('plan/flags.do.list', ['name' => mb_strtolower($sheet->kindName($offered))]) }}
                </button>
            @endSheetForm
        @endif
        @break
@endswitch

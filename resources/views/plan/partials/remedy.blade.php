@switch($remedy->id())
    @case('take-out')
        <form method="post" action="{{ $address = route('pieces.destroy', $remedy->piece) }}"
            hx-post="{{ $address }}">
            @method('delete') {{ $stateFields }}
            <button class="button small">
                {{ __('plan/flags.do.take-out') }}<span class="sr-only">: {{ $about }}</span></button>
        </form>
        @break
    @case('have-fewer')
        <form method="post" action="{{ $address = route('pieces.update', $remedy->piece) }}"
            hx-post="{{ $address }}">
            @method('patch') {{ $stateFields }}
            <input type="hidden" name="quantity" value="{{ $remedy->quantity }}">
            <button class="button small">
                {{ __('plan/flags.do.have-fewer', ['quantity' => $remedy->quantity]) }}<span class="sr-only">:
                    {{ $about }}</span></button>
        </form>
        @break
    @case('do')
        <form method="post" action="{{ route('tasks.piece', [$remedy->piece, $remedy->task->value]) }}"
            hx-post="{{ route('tasks.piece', [$remedy->piece, $remedy->task->value]) }}">
            @method('put') {{ $stateFields }}
            <input type="hidden" name="done" value="1">
            <button class="button small">
                {{ __('plan/views/partials/remedy.done-value', [
                    'value' => __("pack/tasks.name.{$remedy->task->value}"),
                ]) }}<span
                    class="sr-only">, {{ $about }}</span></button>
        </form>
        @break
    @case('pick')
        @php([$onHand, $offered] = [$picker->onHandOf($remedy->kinds, $sheet->plan->recipient->band),
            $sheet->kindToOffer($remedy->kinds)])
        @if ($onHand > 0)
            @php($pickAddress = route('boxes.show',
                [$sheet->box, 'pick' => 1, 'from' => 'stash', 'q' => $sheet->kindName($offered)]))
            <a class="button small" href="{{ $pickAddress }}" hx-get="{{ $pickAddress }}"
                hx-push-url="true">{{ __('plan/flags.do.pick') }}<span class="sr-only">:
                    {{ $sheet->kindName($offered) }}</span></a>
        @else
            <form method="post" action="{{ route('pieces.store', $sheet->box) }}"
                hx-post="{{ route('pieces.store', $sheet->box) }}">
                {{ $stateFields }}
                <input type="hidden" name="buy" value="{{ $offered }}">
                <input type="hidden" name="quantity" value="1">
                <button class="button small">
                    {{ __('plan/flags.do.list', ['name' => mb_strtolower($sheet->kindName($offered))]) }}
                </button>
            </form>
        @endif
        @break
@endswitch

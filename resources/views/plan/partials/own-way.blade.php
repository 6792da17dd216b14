{{-- What whoever packs it may want of the pieces of this step, and all that was wanted so far. --}}
@if ($fit->sheet->box->stage->isOpen())
    <section class="cut px-4 py-3" aria-label="{{ __('plan/fit.own.wished') }}">
        @foreach ($fit->currentPieces() as $piece)
            <details @if ($fit->sheet->wished() !== []) open @endif>
                <summary class="link">{{ __('plan/fit.own.heading', ['name' => $piece->name]) }}</summary>
                <form method="post" action="{{ route('pieces.packing', $piece->id) }}"
                    class="mt-2.5 flex flex-wrap gap-2">
                    @method('put')
                    @csrf
                    @foreach ($fit->wishesFor($piece) as $wish)
                        <button class="button small" name="wish"
                            value="{{ $wish }}">{{ __("plan/fit.own.{$wish}") }}</button>
                    @endforeach
                </form>
            </details>
        @endforeach
        @if ($fit->sheet->wished() !== [])
            <h3 class="mt-3">{{ __('plan/fit.own.wished') }}</h3>
            <ul>
                @foreach ($fit->sheet->wished() as $one)
                    <li>{{ $one->name }}: {{ $fit->saysWish($one) }}</li>
                @endforeach
            </ul>
            <form method="post" action="{{ route('boxes.packing', $fit->sheet->box) }}" class="mt-2">
                @method('delete')
                @csrf
                <button class="button small">{{ __('plan/fit.own.forget') }}</button>
            </form>
        @endif
    </section>
@endif

<section aria-labelledby="other-boxes">
    <h2 id="other-boxes">{{ __('plan/fit.boxes.heading') }}</h2>
    <ul class="mt-2 grid gap-4 sm:grid-cols-2 wide:grid-cols-4">
        @foreach ($answers->otherBoxes() as $other)
            <li class="grid content-start gap-1">
                <x-open-box :drawing="$other->packing->drawing()" class="h-32 w-full" />
                <b>{{ $other->plan->boxKind->name }}</b>
                <span class="text-ink-soft tabular">{{ __('plan/views/partials/answers-other.measures', [
                    'measures' => $write->insideOf($other->plan->boxKind),
                ]) }}</span>
                <span>{{ $write->gauges($other->gauges)->room() }}.
                    {{ $write->gauges($other->gauges)->roomSays() }}</span>
                @if ($answers->sheet->box->stage->isOpen())
                    <form method="post" action="{{ route('boxes.fit-kind', $answers->sheet->box) }}">
                        @csrf
                        @method('put')
                        <button class="button small" name="kind" value="{{ $other->plan->boxKind->id }}">
                            {{ __('plan/fit.boxes.do') }}<span
                                class="sr-only">: {{ $other->plan->boxKind->name }}</span></button>
                    </form>
                @endif
            </li>
        @endforeach
    </ul>
</section>
<section aria-labelledby="other-orders">
    <h2 id="other-orders">{{ __('plan/fit.orders.heading') }}</h2>
    <ul class="mt-2 grid gap-4 sm:grid-cols-2">
        @foreach ($answers->otherSchools() as $other)
            <li class="grid grid-cols-[9rem_1fr] items-start gap-3">
                <x-open-box :drawing="$other->packing->drawing()" class="w-full" />
                <div class="grid justify-items-start gap-1">
                    <b>{{ __("plan/fit.orders.{$other->plan->ways->packingOrder->value}.name") }}</b>
                    <span class="text-ink-soft">
                        {{ __("plan/fit.orders.{$other->plan->ways->packingOrder->value}.says") }}
                    </span>
                    <span>{{ $write->gauges($other->gauges)->room() }}.
                        {{ $write->gauges($other->gauges)->roomSays() }}</span>
                    @if ($answers->sheet->box->stage->isOpen())
                        <form method="post" action="{{ route('boxes.fit-school', $answers->sheet->box) }}">
                            @csrf
                            @method('put')
                            <button class="button small" name="school"
                                value="{{ $other->plan->ways->packingOrder->value }}">
                                {{ __('plan/fit.orders.do') }}<span class="sr-only">:
                                    {{ __("plan/fit.orders.{$other->plan->ways->packingOrder->value}.name") }}</span>
                                    </button>
                        </form>
                    @endif
                </div>
            </li>
        @endforeach
    </ul>
</section>

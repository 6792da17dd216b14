@php($isOpen = $isInDoubt || $errors->hasAny(['wrong', 'fault', 'fault_end', 'back']))
@if ($isInDoubt || $stock->onHand() > 0 || $lot->due_on)
    <details class="mt-4" @if ($isOpen) open @endif>
        <summary class="link">
            {{ $isInDoubt ? __('gather/views/partials/fault.decide-what-becomes-of-it')
                : ($lot->due_on ? __('gather/views/partials/fault.it-has-arrived-but-something')
                    : __('gather/views/partials/fault.something-is-wrong-with-it')) }}
        </summary>
        <form method="post" action="{{ route('lots.fault', $lot) }}"
            class="mt-2 grid items-end gap-2 sm:grid-cols-[5rem_1fr_1fr_8rem_auto]">
            @csrf
            <x-once />
            <x-field name="wrong" :label="__('gather/views/partials/fault.pieces')" type="number" min="1" required
                :value="old('wrong', $isInDoubt || $lot->due_on ? $lot->pieces : $stock->onHand())" />
            <x-field name="fault" :label="__('gather/views/partials/fault.what-is-wrong')">
                <select class="input" id="fault"
                    name="fault">@foreach ($choices->faults as $fault)<option
                        value="{{ $fault->value }}"
                        @selected(old('fault', $lot->fault?->value) === $fault->value)>
                            {{ __("gather/life.faults.{$fault->value}") }}
                        </option>
                            @endforeach</select>
            </x-field>
            <x-field name="fault_end" :label="__('gather/views/partials/fault.what-becomes-of-it')">
                <select class="input" id="fault_end"
                    name="fault_end">@foreach ($choices->faultEnds as $end)<option
                        value="{{ $end->value }}"
                        @selected(old('fault_end', $lot->fault_end?->value) === $end->value)>
                            {{ __("gather/life.ends.{$end->value}") }}
                        </option>
                            @endforeach</select>
            </x-field>
            <x-field name="back" :label="__('gather/views/partials/fault.money-back')" inputmode="decimal"
                :placeholder="__('gather/views/partials/fault.none')" autocomplete="off"
                :value="old('back')" />
            <button class="button">{{ __('gather/views/partials/fault.save') }}</button>
        </form>
    </details>
@endif

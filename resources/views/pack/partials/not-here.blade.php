{{-- What may be done about a piece that is not on the table. --}}
@php
    $bag = $errors->getBag("measured-{$piece->id}");
    $ways = ['wait', 'without', 'damaged'];
@endphp
<details class="col-span-3" @if ($bag->any()) open @endif>
    <summary class="link text-ink-soft">{{ __('pack/bench.roll.gone') }}<span
        class="sr-only">: {{ $planned->name }}</span></summary>
    <div class="grid gap-2 pt-2">
        @foreach ($call->others($piece) as $other)
            <form method="post" action="{{ route('roll-call.missing', $piece) }}">
                @csrf
                <x-once />
                <input type="hidden" name="box" value="{{ $box?->id }}">
                <input type="hidden" name="way" value="swap">
                <button class="button small" name="lot" value="{{ $other->id }}">{{ __('pack/bench.roll.swap',
                    ['name' => $other->name]) }}@if ($other->kept) ({{ $other->kept }})@endif</button>
            </form>
        @endforeach
        <form method="post" action="{{ route('roll-call.missing', $piece) }}" class="flex flex-wrap gap-1.5">
            @csrf
            <x-once />
            <input type="hidden" name="box" value="{{ $box?->id }}">
            @foreach ($ways as $way)
                <button class="button small" name="way" value="{{ $way }}">{{ __("pack/bench.roll.{$way}") }}<span
                    class="sr-only">: {{ $planned->name }}</span></button>
            @endforeach
        </form>
        <form method="post" action="{{ route('roll-call.measured', $piece) }}" class="grid gap-1">
            @csrf
            @method('put')
            <x-once />
            <input type="hidden" name="box" value="{{ $box?->id }}">
            <p>{{ __('pack/bench.roll.another') }}</p>
            <div class="grid grid-cols-[1fr_1fr_1fr_auto] items-end gap-1.5">
                @foreach (['length', 'width', 'height'] as $side)
                    @php($wrong = $bag->first($side))
                    <label class="min-w-0 text-base">{{ __("pack/bench.roll.{$side}") }}
                        <input class="input !px-2" name="{{ $side }}" required autocomplete="off" maxlength="30"
                            value="{{ $bag->any() ? old($side)
                                : $write->mm($planned->thing->measures->size->{$side}) }}"
                            @if ($wrong !== '') aria-invalid="true"
                                aria-describedby="measured-{{ $piece->id }}" @endif></label>
                @endforeach
                <button class="button small">{{ __('pack/bench.roll.measure') }}</button>
            </div>
            @if ($bag->any())<p class="wrong" id="measured-{{ $piece->id }}">{{ $bag->first() }}</p>@endif
        </form>
        <a class="link text-base" href="{{ route('lots.edit', $piece->lot) }}">{{ __('pack/bench.roll.correct') }}</a>
    </div>
</details>

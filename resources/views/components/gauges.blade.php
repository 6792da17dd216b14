@props(['gauges', 'then' => null])

@php
    [$mustHaves, $money, $room, $flags] = [$gauges->mustHaves, $gauges->money, $gauges->room, $gauges->flags];
    $words = $write->gauges($gauges);
@endphp

<div {{ $attributes->class('gauges')->merge(['id' => 'gauges']) }}>
    <x-gauge :name="__('plan/gauges.must-haves')" :figure="$words->mustHaves()" :bad="$mustHaves->missing() !== []">
        <x-slot:shape><x-shapes.pegs :needs="$mustHaves" width="132" class="mt-1 shrink-0" /></x-slot:shape>
        {{ $words->missing() }}
    </x-gauge>

    <x-gauge :name="__('plan/gauges.money')" :figure="$money->total->format()"
        :bad="$money->isOver() || $then?->isOver()">
        <x-slot:after>
            <span>{{ $words->ofBudget() }}</span>
        </x-slot:after>
        <x-shapes.tape :$money class="my-1" />
        {{ $words->money($then) }}
    </x-gauge>

    <x-gauge :name="__('plan/gauges.room')" :figure="$words->room()"
        :bad="$room->result !== null && ! $room->closesOverAll()">
        <x-slot:shape><x-shapes.room :$room class="mt-1 shrink-0" /></x-slot:shape>
        {{ $words->roomSays() }}
    </x-gauge>

    <x-gauge :name="__('plan/gauges.flags')" :figure="$words->flags()" :bad="count($flags->toMend()) > 0">
        <x-slot:shape><x-shapes.bunting :$flags class="shrink-0" /></x-slot:shape>
        {{ $words->flagsSay() }}
    </x-gauge>
</div>

@props(['gauges', 'class' => '', 'hidden' => false])

@php($words = $write->gauges($gauges))

<dl class="mini {{ $class }}" @if ($hidden) aria-hidden="true" @endif>
    <dt>
        <span class="sr-only">{{ __('plan/gauges.must-haves') }}</span><x-shapes.pegs :needs="$gauges->mustHaves"
            width="46"
            class="h-5" />
    </dt>
    <dd>{{ $words->mustHaves() }}</dd>
    <dt>
        <span class="sr-only">{{ __('plan/gauges.money') }}</span><x-shapes.tape :money="$gauges->money" width="46"
            height="11" />
    </dt>
    <dd @class(['font-semibold text-mend' => $gauges->money->isOver()])>{{ $words->moneyInShort() }}</dd>
    <dt class="flex justify-center">
        <span class="sr-only">{{ __('plan/gauges.room') }}</span><x-shapes.room :room="$gauges->room" width="34"
            class="h-6" />
    </dt>
    <dd @class(['font-semibold text-mend' => $gauges->room->result !== null && ! $gauges->room->closesOverAll()])>
        {{ $words->room() }}
    </dd>
    <dt class="flex justify-center">
        <span class="sr-only">{{ __('plan/gauges.flags') }}</span><x-shapes.bunting :flags="$gauges->flags"
            width="46" />
    </dt>
    <dd @class(['font-semibold text-mend' => count($gauges->flags->toMend()) > 0])>{{ $words->flags() }}</dd>
</dl>

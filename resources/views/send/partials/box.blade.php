@php
    $box = $sheet->box;
    $readiness = $desk->readiness[$box->id];
    $links = ['note' => route('boxes.note', $box), 'label' => route('cards', ['boxes' => [$box->id]]),
        'gift' => '#gifts'];
@endphp
<li class="grid grid-cols-[7.5rem_1fr] items-center gap-x-4 gap-y-1 border-t-[1.5px] border-line py-3
    sm:grid-cols-[9rem_1fr_auto]">
    <a href="{{ route('boxes.show', $box) }}" tabindex="-1" aria-hidden="true">
        <x-standing-box :$sheet class="h-[4.4rem] w-full" /></a>
    <div class="min-w-0">
        <h3><a class="link" href="{{ route('boxes.show', $box) }}">{{ $box->theme }}</a></h3>
        <p class="text-ink-soft tabular">{{ __('send/desk.for', ['code' => $box->code()->text, 'who' =>
            __("people.{$box->gender->value}"), 'band' => $box->recipient()->band->label()]) }}</p>
        <ul class="mt-1 flex flex-wrap gap-x-4 gap-y-1">
            @foreach ($deeds as $deed)
                @php($isOpen = in_array($deed, $readiness->lacks, true))
                <li class="flex items-center gap-1.5"><x-shapes.line-state
                    :state="$isOpen ? $states['open'] : $states['fine']" />
                    @if ($isOpen)<a class="link" href="{{ $links[$deed->value] }}">
                        {{ __("send/desk.lacks.{$deed->value}", ['sum' =>
                            $box->giftLacks()->format(), 'currency' => $box->sending_gift->currency->code])
                        }}<span class="sr-only">: {{ $box->theme }}</span></a>
                    @else{{ __("send/desk.has.{$deed->value}") }}@endif</li>
            @endforeach
        </ul>
    </div>
    <form method="post" action="{{ route('boxes.move', $box) }}" class="col-span-2 sm:col-span-1">
        @csrf
        @method('put')
        <input type="hidden" name="was" value="packed">
        <button @class(['button small', 'go' => $readiness->isReady()]) name="stage" value="handed-in">
            {{ __($readiness->isReady() ? 'send/desk.hand-in' : 'send/desk.hand-in-anyway') }}<span
                class="sr-only">: {{ $box->theme }}</span></button>
    </form>
</li>

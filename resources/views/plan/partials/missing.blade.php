@php($onHand = $picker->onHandFor($need->need, $sheet->plan->recipient->band))
<p class="flex min-h-8 flex-wrap items-center gap-x-2.5">
    <span class="font-semibold text-mend">
        <svg class="drawn mr-1 inline" width="11" height="11" viewBox="0 0 12 12" aria-hidden="true"><circle cx="6"
            cy="6" r="4.6" fill="none" stroke="currentColor" stroke-width="1.8" /></svg>{{ $write->lacking($need) }}
    </span>
    @if ($sheet->box->stage->isOpen())
        @if ($onHand > 0)
            @php($address = route('boxes.show', [$sheet->box, 'pick' => 1, 'need' => $need->need->id]))
            <a class="link" @toPicker($address)>{{ __('plan/views/partials/missing.pick-from-stash-here', [
                    'here' => $onHand,
                ]) }}</a>
        @else
            @php($address = route('boxes.show', [$sheet->box, 'pick' => 1, 'from' => 'buy']))
            <a class="link" @toPicker($address)>{{ __('plan/views/partials/missing.to-buy') }}</a>
        @endif
    @endif
</p>

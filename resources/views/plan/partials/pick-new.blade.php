<form method="post" action="{{ route('things.store', $sheet->box) }}"
    hx-post="{{ route('things.store', $sheet->box) }}" id="thing">
    @include('plan.partials.state', ['except' => ['kind']])
    @include('gather.partials.fields', [
        'bag' => 'thing', 'lot' => null, 'kind' => $state->kind, 'count' => $sheet->suggestedCount($state->kind),
        'kindAddress' => route('boxes.show', $sheet->box), 'kindTarget' => '#beside',
    ])
    @if ($state->kind !== null)
        <button class="button go mt-4" id="add-thing">{{
            __('plan/views/partials/pick-new.put-it-in-the-box') }}</button>
    @endif
</form>

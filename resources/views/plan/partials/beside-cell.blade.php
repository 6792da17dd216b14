@php($count = $row->counts[$box->id])
@if ($count === 0)
    {{ __('plan/beside.nothing') }}
@else
    @php($says = __('plan/beside.count', ['count' => $count, 'name' => implode(', ', $row->names[$box->id])]))
    {{ $isOnce ? __('plan/beside.all', ['what' => $says]) : $says }}
    @if ($row->toBuy[$box->id] > 0)<span class="block text-ink-soft">{{ __('plan/beside.to-buy',
        ['count' => $row->toBuy[$box->id]]) }}</span>@endif
@endif

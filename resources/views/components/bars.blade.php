@props(['caption', 'amounts', 'names' => null, 'lanes' => false])

{{-- Amounts as bars with their table in one: each row says its figure, and its bar is as long as its share of the
     largest. --}}
@php
    $most = max([1, ...array_map(fn ($amount) => $amount->minor, array_values($amounts))]);
@endphp
<table {{ $attributes->class('w-full') }}>
    <caption class="pb-1 text-left font-display text-xl font-bold">{{ $caption }}</caption>
    <tbody>
        @forelse ($amounts as $key => $amount)
            <tr>
                <th scope="row" class="w-40 py-0.5 pr-3 text-left font-normal">
                    {{ $names === null ? $key : $names($key) }}
                </th>
                <td class="w-20 py-0.5 pr-3 text-right"><b class="figure font-semibold">{{ $amount->format() }}</b></td>
                <td class="py-0.5">
                    <svg class="drawn lane-{{ $lanes ? $key : 'carry' }} w-full" height="14" preserveAspectRatio="none"
                        viewBox="0 0 100 14" aria-hidden="true"
                        focusable="false"><rect class="lane-fill" x="0" y="1"
                            width="{{ round(100 * $amount->minor / $most, 2) }}" height="12" /></svg>
                </td>
            </tr>
        @empty
            <tr><td class="text-ink-soft">{{ __('components/bars.nothing-yet') }}</td></tr>
        @endforelse
    </tbody>
</table>

{{-- What a longer try found, put in place behind whatever is being typed; the picker, where it is open, has no drawing
     to change. --}}
<x-gauges :gauges="$sheet->gauges" :then="$sheet->costsThen()" class="mb-3.5" hx-swap-oob="true" />
@include('plan.partials.open-box', ['isLate' => true])

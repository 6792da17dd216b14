@props(['weight' => null, 'class' => ''])

{{-- The flag of a finding, filled where it must be mended; dashed, and without a weight, where it was kept anyway. --}}
<svg class="drawn mt-1 shrink-0 {{ $class }}" width="14" height="16" viewBox="0 0 14 16" aria-hidden="true"><path
    d="M2 1v14M2 2h10l-3 3.5 3 3.5H2" fill="{{ $weight?->mustBeMended() ? 'currentColor' : 'none' }}"
    stroke="currentColor" stroke-width="1.5" @if ($weight === null) stroke-dasharray="2 2" @endif /></svg>

<div id="trial" role="status">
    @if ($comparison === null)
        <p class="wrong">{{ $wrong }}</p>
    @else
        @include('guides.comparison')
    @endif
</div>

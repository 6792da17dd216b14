@fragment('picker')
    <div id="beside" class="contents">
        @include('plan.partials.picker')
    </div>
@endfragment

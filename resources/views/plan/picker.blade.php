@fragment('picker')
    @include('plan.partials.picker')
@endfragment

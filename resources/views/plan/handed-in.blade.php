<x-layout :title="__('plan/stages.handed-in.shelf')" station="shelf">
    <h1>{{ __('plan/stages.handed-in.shelf') }}</h1>
    <p class="pb-3"><a class="link" href="{{ route('shelf') }}">{{ __('plan/views/handed-in.back') }}</a></p>
    @fragment('row')
        @part('plan.partials.boxes-on-shelf', ['mayTry' => false])
    @endfragment
</x-layout>

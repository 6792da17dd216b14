<x-layout :title="__('plan/stages.handed-in.shelf')" station="shelf">
    <h1>{{ __('plan/stages.handed-in.shelf') }}</h1>
    <p class="pb-3"><a class="link" href="{{ route('shelf') }}">{{ __('plan/views/handed-in.back') }}</a></p>
    @fragment('row')
        <ul class="shelf-boxes">
            @foreach ($sheets as $sheet)
                <li>@part('plan.partials.on-shelf', ['mayTry' => false])</li>
            @endforeach
        </ul>
    @endfragment
</x-layout>

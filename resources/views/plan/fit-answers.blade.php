<x-layout :title="__('plan/fit.answers').' “'.$answers->sheet->box->theme.'”'" station="shelf">
    <h1>{{ __('plan/fit.answers') }} “{{ $answers->sheet->box->theme }}”</h1>
    <p class="pb-3"><a class="link" href="{{ route('boxes.fit', $answers->sheet->box) }}">{{
        __('plan/views/fit-answers.back-to-how-it-goes') }}</a></p>
    <section class="cut px-4 py-3">
        @fragment('answers')
            <div id="answers" class="grid gap-5">
                @if ($answers->isTooFull())
                    @include('plan.partials.answers-less')
                @else
                    @include('plan.partials.answers-more')
                @endif
                @include('plan.partials.answers-other')
            </div>
        @endfragment
    </section>
</x-layout>

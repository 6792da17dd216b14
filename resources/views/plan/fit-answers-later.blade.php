<x-layout :title="__('plan/fit.answers')" station="shelf">
    <section class="cut px-4 py-3">
        @fragment('answers')
            <div id="answers" hx-get="{{ route('boxes.fit-answers', $box) }}" hx-trigger="load delay:2s"
                hx-swap="outerHTML">
                <p>
                    {{ __('plan/fit.later') }}
                    <a class="link" href="{{ route('boxes.fit-answers', $box) }}">{{ __('plan/fit.answers') }}</a>
                </p>
            </div>
        @endfragment
    </section>
</x-layout>

<section class="cut max-w-2xl p-6">
    <h2>{{ __('gather/views/partials/empty.nothing-in-the-stash-yet') }}</h2>
    <p class="my-3">
        {{ __('gather/views/partials/empty.the-stash-is-what-you') }}
    </p>
    <div class="flex flex-wrap gap-3">
        <a class="button go" href="{{ route('lots.create') }}">{{
            __('gather/views/partials/empty.put-in-the-first-thing') }}</a>
        <a class="button" href="{{ route('boxes.create') }}">{{
            __('gather/views/partials/empty.plan-a-box-from-the') }}</a>
    </div>
</section>

<section class="cut max-w-2xl p-6">
    <h2>Nothing in the stash yet</h2>
    <p class="my-3">
        The stash is what you have got together for boxes: things bought, given or made, with what was paid and where
        they came from. Put in the first thing, or plan a box straight from the guide's list and buy for it in one trip.
    </p>
    <div class="flex flex-wrap gap-3">
        <a class="button go" href="{{ route('lots.create') }}">Put in the first thing</a>
        <a class="button" href="{{ route('boxes.create') }}">Plan a box from the guide's list</a>
    </div>
</section>

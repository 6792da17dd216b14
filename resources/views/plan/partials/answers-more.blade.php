<section aria-labelledby="nooks">
    <h2 id="nooks">{{ __('plan/fit.nooks.heading') }}</h2>
    @php($nooks = $answers->nooks())
    @if ($nooks === [])
        <p>{{ __('plan/fit.nooks.none') }}</p>
    @else
        <ul class="mt-1 flex flex-wrap gap-x-6 gap-y-1">
            @foreach ($nooks as [$measures, $place])
                <li><b class="tabular">{{ __('plan/views/partials/answers-more.measures', [
                    'measures' => $measures,
                ]) }}</b> {{ $place }}</li>
            @endforeach
        </ul>
    @endif
    @php($fitting = $answers->fitting())
    @if ($fitting !== [])
        <h3 class="mt-3">{{ __('plan/fit.nooks.fitting') }}</h3>
        <ul class="mt-1 grid gap-2 wide:grid-cols-2 wide:gap-x-8">
            @foreach ($fitting as [$offer, $place])
                <li class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
                    <span><b>{{ $offer->lot->name }}</b>,
                        {{ $place }}<span class="text-ink-soft">: {{ implode(', ', $offer->reasons()) }}</span></span>
                    @if ($answers->sheet->box->stage->isOpen())
                        <form method="post" action="{{ route('pieces.store', $answers->sheet->box) }}">
                            @csrf
                            <input type="hidden" name="lot" value="{{ $offer->lot->id }}">
                            <input type="hidden" name="quantity" value="1">
                            <button class="button small">
                                {{ __('plan/fit.nooks.do') }}<span class="sr-only"> {{ $offer->lot->name }}</span>
                                </button>
                        </form>
                    @endif
                </li>
            @endforeach
        </ul>
    @endif
</section>

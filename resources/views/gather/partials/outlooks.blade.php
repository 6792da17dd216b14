<section class="cut mb-3.5 px-4 py-2" aria-labelledby="outlooks">
    <h2 id="outlooks" class="py-1">{{ __('gather/views/partials/outlooks.within-the-budget') }}</h2>
    <table class="w-full tabular">
        <thead class="text-left text-ink-soft">
            <tr>
                <th class="py-1 pr-3 font-normal">{{ __('gather/views/partials/outlooks.box') }}</th>
                <th class="py-1 pr-3 text-right font-normal">{{ __('gather/views/partials/outlooks.so-far') }}</th>
                <th class="py-1 pr-3 text-right font-normal">{{
                    __('gather/views/partials/outlooks.still-to-come') }}</th>
                <th class="py-1 text-right font-normal">{{ __('gather/views/partials/outlooks.left-then') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($page->outlooks as [$box, $outlook])
                <tr class="border-t-[1.5px] border-line align-baseline">
                    <th scope="row" class="py-1.5 pr-3 text-left font-semibold">
                        <a class="no-underline hover:underline"
                            href="{{ route('boxes.show', $box) }}">{{ $box->theme }}</a>
                    </th>
                    <td class="pr-3 text-right">{{ $outlook->soFar->format() }}</td>
                    <td class="pr-3 text-right">
                        {{ $outlook->toCome()->isOne() ? $outlook->toCome()->low->rounded()->format()
                            : __('gather/shopping.range', ['low' => $outlook->toCome()->low->rounded()->format(),
                                'high' => $outlook->toCome()->high->rounded()->format()]) }}<span
                            class="block text-ink-soft">{{ trim(trans_choice('gather/shopping.unpriced',
                                $outlook->unpriced)) }}</span>
                    </td>
                    <td class="text-right">
                        @if ($outlook->left() === null)
                            <span class="text-ink-soft">{{ __('gather/views/partials/outlooks.no-budget') }}</span>
                        @else
                            <b @class(['figure', 'text-mend' => $outlook->isOver()])>{{ $outlook->left()->rounded()
                                ->format() }}</b>
                            @if (! $outlook->toCome()->isOne())<span class="block text-ink-soft">{{
                                __('gather/shopping.at-worst', [
                                    'left' => $outlook->leftAtWorst()->rounded()->format()]) }}</span>@endif
                            @if ($outlook->isOver())<span class="block text-mend">{{
                                __('gather/views/partials/outlooks.over-its-budget') }}</span>@endif
                            @if ($outlook->eachOfTheRest())<span
                                class="block text-ink-soft">{{ __('gather/shopping.each-of-the-rest',
                                    ['each' => $outlook->eachOfTheRest()->floored()->format()]) }}</span>@endif
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
</section>

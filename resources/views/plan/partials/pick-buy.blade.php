@php($toBuy = $picker->toBuy($sheet->plan))
<x-wrong name="quantity" bag="pick" />
@if ($toBuy === [])
    <p>{{ __('plan/views/partials/pick-buy.everything-the-guide-asks-for') }}</p>
@else
    @sheetForm(route('pieces.from-guide', $sheet->box), 'post', ['class' => 'mb-2'])
        <button class="button go" id="list-all" data-focus>{{ __('plan/views/partials/pick-buy.put-all-count-on-the', [
            'count' => count($toBuy),
        ]) }}</button>
    @endSheetForm
    <ul>
        @foreach ($toBuy as [$kind, $count])
            <li class="flex items-center gap-2.5 border-t-[1.5px] border-line py-2">
                <x-glyph :lane="$kind->category" :$kind class="size-6 shrink-0" />
                <span class="grow">{{ $kind->name }}</span>
                @sheetForm(route('pieces.store', $sheet->box), 'post', ['class' => 'flex items-center gap-1'])
                    <input type="hidden" name="buy" value="{{ $kind->id }}">
                    <label class="sr-only" for="buy-{{ $kind->id }}">{{
                        __('plan/views/partials/pick-buy.how-many-name', [
                        'name' => $kind->name,
                    ]) }}</label>
                    <input class="count" id="buy-{{ $kind->id }}" type="number" name="quantity" min="1" max="100"
                        required value="{{ $count }}">
                    <button class="button small">{{ __('plan/views/partials/pick-buy.list') }}<span class="sr-only"> {{
                        $kind->name }}</span></button>
                @endSheetForm
            </li>
        @endforeach
    </ul>
@endif

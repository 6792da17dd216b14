<x-layout :title="__('plan/beside.title')" station="shelf">
    <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
        <div class="max-w-3xl">
            <h1>{{ __('plan/beside.title') }}</h1>
            <p class="text-ink-soft">{{ __('plan/beside.says') }}</p>
        </div>
        <a class="button" href="{{ route('shelf') }}">{{ __('plan/beside.back') }}</a>
    </div>
    @if ($page->boxes->isEmpty())
        <p class="cut p-5">{{ __('plan/beside.none') }}</p>
    @else
        <div class="grid grid-cols-1 gap-3.5">
            <form method="get" action="{{ route('boxes.beside') }}" class="cut p-5">
                <fieldset>
                    <legend class="font-semibold">{{ __('plan/beside.which') }}</legend>
                    <div class="flex flex-wrap items-center gap-x-5">
                        @foreach ($page->open as $box)
                            <label class="flex items-center gap-2 py-1"><input type="checkbox" name="with[]"
                                value="{{ $box->id }}" @checked($page->boxes->contains('id', $box->id))>
                                {{ $box->theme }}</label>
                        @endforeach
                        <button class="button">{{ __('plan/beside.show') }}</button>
                    </div>
                </fieldset>
                <x-wrong name="with" />
            </form>
            <form method="post" action="{{ route('boxes.beside.put') }}" class="cut p-5">
                @csrf
                <x-once />
                @foreach ($page->boxes as $box)<input type="hidden" name="with[]" value="{{ $box->id }}">@endforeach
                <h2>{{ __('plan/beside.across') }}</h2>
                <div class="grid grid-cols-1 items-end gap-3 sm:grid-cols-[1fr_1fr_8rem_auto]">
                    @foreach (['lot', 'turn'] as $field)
                        <div>
                            <label for="{{ $field }}">{{ __("plan/beside.{$field}") }}</label>
                            <select class="input" id="{{ $field }}" name="{{ $field }}" @required($field === 'lot')>
                                <option value="">{{ __('plan/beside.choose') }}</option>
                                @foreach ($page->lots as $lot)
                                    <option value="{{ $lot->id }}" @selected(old($field) === $lot->id)>{{
                                        __('plan/beside.lot-line', ['name' => $lot->name, 'count' =>
                                        $lot->stock()->onHand()]) }}</option>
                                @endforeach
                            </select>
                        </div>
                    @endforeach
                    <div>
                        <label for="each">{{ __('plan/beside.each') }}</label>
                        <input class="input" id="each" name="each" inputmode="numeric" required
                            value="{{ old('each', 1) }}">
                    </div>
                    <button class="button go">{{ __('plan/beside.go') }}</button>
                </div>
                <x-wrong name="lot" />
                <x-wrong name="turn" />
                <x-wrong name="each" />
            </form>
            <form method="post" action="{{ route('boxes.beside.like') }}" id="like" class="hidden">
                @csrf
                <x-once />
                @foreach ($page->boxes as $box)<input type="hidden" name="with[]" value="{{ $box->id }}">@endforeach
            </form>
            <form method="post" action="{{ route('boxes.beside.take-out') }}" class="cut overflow-x-auto p-5"
                tabindex="0" aria-label="{{ __('plan/beside.title') }}">
                @csrf
                @method('DELETE')
                <x-once />
                @foreach ($page->boxes as $box)<input type="hidden" name="with[]" value="{{ $box->id }}">@endforeach
                <table class="w-full">
                    <thead>
                        <tr class="align-bottom text-left">
                            <th class="py-1 pr-4 font-normal text-ink-soft" scope="col">
                                {{ __('plan/beside.what') }}</th>
                            @foreach ($page->boxes as $box)
                                <th class="min-w-36 px-2 py-1" scope="col"><a class="link"
                                    href="{{ route('boxes.show', $box) }}">{{ __('plan/beside.column', [
                                        'theme' => $box->theme, 'who' => __("people.{$box->gender->value}"),
                                        'band' => $box->recipient()->band->label()]) }}</a></th>
                            @endforeach
                            <td></td>
                        </tr>
                    </thead>
                    <tbody>
                        <tr class="border-t-[1.5px] border-line align-top">
                            <th class="py-1.5 pr-4 text-left" scope="row">{{ __('plan/beside.must') }}</th>
                            @foreach ($page->boxes as $box)
                                <td class="px-2 py-1.5"><b class="tabular">{{ $page->says($box)->mustHaves() }}</b>
                                    <span class="block text-ink-soft">{{ $page->says($box)->missing() }}</span></td>
                            @endforeach
                            <td></td>
                        </tr>
                        <tr class="border-t-[1.5px] border-line align-top">
                            <th class="py-1.5 pr-4 text-left" scope="row">{{ __('plan/beside.money') }}</th>
                            @foreach ($page->boxes as $box)
                                <td class="px-2 py-1.5"><b class="tabular">
                                    {{ $page->says($box)->moneyInShort() }}</b></td>
                            @endforeach
                            <td></td>
                        </tr>
                        <tr class="border-t-[1.5px] border-line align-top">
                            <th class="py-1.5 pr-4 text-left" scope="row">{{ __('plan/beside.flags') }}</th>
                            @foreach ($page->boxes as $box)
                                <td class="px-2 py-1.5">{{ $page->says($box)->flags() }}</td>
                            @endforeach
                            <td></td>
                        </tr>
                        @foreach ($page->missing as $row)
                            <tr class="border-t-[1.5px] border-line align-top">
                                <th class="py-1.5 pr-4 text-left font-normal" scope="row">{{ ucfirst($row->name) }}</th>
                                @foreach ($page->boxes as $box)
                                    <td @class(['px-2 py-1.5', 'text-ink-soft' => ! $row->lacks[$box->id],
                                        'font-semibold' => $row->lacks[$box->id] > 0])>
                                        {{ $row->lacks[$box->id] === null ? __('plan/beside.not-asked')
                                            : ($row->lacks[$box->id] === 0 ? __('plan/beside.there')
                                            : __('plan/beside.lacks', ['count' => $row->lacks[$box->id]])) }}</td>
                                @endforeach
                                <td></td>
                            </tr>
                        @endforeach
                        @foreach ($page->rows as $row)
                            @php($isOnce = $row->isSame() && $page->boxes->count() > 1)
                            <tr class="border-t-[1.5px] border-line align-top">
                                <th class="py-1.5 pr-4 text-left" scope="row">{{ $row->kind->name }}</th>
                                @foreach ($isOnce ? $page->boxes->take(1) : $page->boxes as $box)
                                    <td @class(['px-2 py-1.5', 'laid' => ! $isOnce && $row->counts[$box->id] > 0,
                                        'text-ink-soft' => $row->counts[$box->id] === 0])
                                        @if ($isOnce) colspan="{{ $page->boxes->count() }}" @endif>
                                        @include('plan.partials.beside-cell')
                                    </td>
                                @endforeach
                                <td class="py-1 pl-2 text-right">
                                @if (! $isOnce && in_array(0, $row->counts, true))<button name="kind" form="like"
                                    class="button small whitespace-nowrap" value="{{ $row->kind->id }}"
                                    aria-label="{{ __('plan/beside.like-kind', ['kind' => $row->kind->name]) }}">
                                    {{ __('plan/beside.like') }}</button>@endif
                                <button name="kind"
                                    class="button small whitespace-nowrap" value="{{ $row->kind->id }}"
                                    aria-label="{{ __('plan/beside.take-out-kind', ['kind' => $row->kind->name]) }}">
                                    {{ __('plan/beside.take-out') }}</button></td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </form>
        </div>
    @endif
</x-layout>

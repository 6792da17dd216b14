<x-layout :title="__('send/labels.title')" station="send">
    <div class="mx-auto max-w-5xl">
        <x-send-tabs on="cards" />
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div class="max-w-2xl">
                <h1>{{ __('send/labels.title') }}</h1>
                <p class="text-ink-soft">{{ __('send/labels.what-for') }}</p>
            </div>
        </div>
        @if ($boxes->isEmpty())
            <p class="cut max-w-2xl p-5">{{ __('send/labels.none') }}</p>
        @else
            <form action="{{ route('cards') }}" id="cards"
                class="grid grid-cols-1 items-start gap-3.5 wide:grid-cols-2">
                <div class="grid grid-cols-1 gap-3.5">
                    <fieldset class="cut min-w-0 p-4">
                        <legend class="sr-only">{{ __('send/labels.what') }}</legend>
                        <h2>{{ __('send/labels.what') }}</h2>
                        @foreach ($cards as $card)
                            <label class="flex gap-2.5 border-t-[1.5px] border-line py-2 first-of-type:border-t-0">
                                <input type="radio" name="card" value="{{ $card->value }}" class="mt-1.5"
                                    @checked($sheet->card === $card)>
                                <span><b>{{ __("send/labels.cards.{$card->value}") }}</b>
                                    <span class="block text-ink-soft">
                                        {{ __("send/labels.says.{$card->value}") }}</span></span>
                            </label>
                        @endforeach
                        <x-wrong name="card" />
                        <div class="flex flex-wrap gap-x-5 border-t-[1.5px] border-line pt-2" role="radiogroup"
                            aria-label="{{ __('send/labels.paper') }}">
                            @foreach ($papers as $paper)
                                <label class="flex items-center gap-2 py-1.5">
                                    <input type="radio" name="paper" value="{{ $paper->value }}"
                                        @checked($sheet->paper === $paper)>
                                    {{ __("send/labels.papers.{$paper->value}") }}
                                </label>
                            @endforeach
                        </div>
                    </fieldset>
                    <fieldset class="cut min-w-0 p-4">
                        <legend class="sr-only">{{ __('send/labels.which') }}</legend>
                        <h2>{{ __('send/labels.which') }}</h2>
                        @foreach ($boxes as $box)
                            <label class="flex items-center gap-2.5 border-t-[1.5px] border-line py-2
                                first-of-type:border-t-0">
                                <input type="checkbox" name="boxes[]" value="{{ $box->id }}"
                                    @checked(in_array($box->id, $ticked, true))>
                                <b class="figure w-20">{{ $box->code()->text }}</b>
                                <span class="grow">{{ $box->theme }}</span>
                                <span class="text-ink-soft">{{ __("plan/stages.{$box->stage->value}.name") }}</span>
                            </label>
                        @endforeach
                        <x-wrong name="boxes" />
                    </fieldset>
                </div>
                <div class="grid grid-cols-1 gap-3.5">
                    <section class="cut grid grid-cols-1 gap-3 p-4" aria-labelledby="preview">
                        <h2 id="preview">{{ __('send/labels.preview') }}</h2>
                        @if ($first)
                            @include('send.partials.card')
                            <p class="text-ink-soft tabular">
                                {{ __('send/labels.to-a-page', ['count' => $sheet->toAPage(), 'size' =>
                                    ($sheet->card->width() / 10).' × '.($sheet->card->height() / 10)]) }}</p>
                        @else
                            <p>{{ __('send/labels.needs-none') }}</p>
                        @endif
                        @if ($letters !== [])
                            <p class="wrong">{{ __('send/labels.letters', ['letters' => implode(' ', $letters)]) }}</p>
                        @endif
                        <div class="flex flex-wrap gap-2.5">
                            <button class="button go" formaction="{{ route('cards.file') }}" formtarget="_blank">
                                {{ __('send/labels.print') }}</button>
                            <button class="button">{{ __('send/labels.show') }}</button>
                        </div>
                    </section>
                </div>
            </form>
            @if ($toStick->isNotEmpty())
                <form method="post" action="{{ route('cards.stuck') }}"
                    class="cut mt-3.5 flex flex-wrap items-center justify-between gap-3 p-4">
                    @csrf
                    @method('put')
                    @foreach ($toStick as $box)<input type="hidden" name="boxes[]" value="{{ $box->id }}">@endforeach
                    <p>{{ trans_choice('send/labels.stuck', $toStick->count(),
                        ['names' => $toStick->map(fn ($box) => $box->code()->text)->implode(', ')]) }}</p>
                    <button class="button">{{ __('send/labels.stick') }}</button>
                </form>
            @endif
        @endif
    </div>
</x-layout>

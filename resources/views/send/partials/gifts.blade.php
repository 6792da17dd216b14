@php($currency = $desk->gifts->open->currency->code)
<section class="cut px-4 py-2" aria-labelledby="gifts">
    <h2 id="gifts" class="py-1.5">{{ __('send/gifts.title') }}</h2>
    <p class="pb-2 tabular">{{ __('send/gifts.sums', ['paid' => $desk->gifts->paid->format(), 'waived' =>
        $desk->gifts->waived->format(), 'open' => $desk->gifts->open->format(), 'currency' => $currency]) }}</p>
    @if ($desk->owing->isNotEmpty())
        <form method="post" action="{{ route('gifts.store') }}" class="grid gap-3 border-t-[1.5px] border-line py-3">
            @csrf
            <x-once />
            <fieldset>
                <legend class="font-semibold">{{ __('send/gifts.for') }}</legend>
                @foreach ($desk->owing as $box)
                    <label class="flex items-center gap-2.5 py-1">
                        <input type="checkbox" name="gifts[]" value="{{ $box->id }}"
                            @checked(in_array($box->id, (array) old('gifts', []), true))>
                        <span class="grow">{{ $box->code()->text }} · {{ $box->theme }}</span>
                        <span class="tabular">{{ $box->sending_gift->format() }}</span>
                    </label>
                @endforeach
                <x-wrong name="gifts" />
            </fieldset>
            <div class="flex flex-wrap gap-x-5" role="radiogroup" aria-label="{{ __('send/gifts.what') }}">
                @foreach (['paid', 'waived'] as $state)
                    <label class="flex items-center gap-2"><input type="radio" name="state" value="{{ $state }}"
                        @checked(old('state', 'paid') === $state)>
                        {{ ucfirst(__("send/gifts.states.{$state}")) }}</label>
                @endforeach
                <x-wrong name="state" />
            </div>
            <div class="grid gap-3 sm:grid-cols-2">
                <x-field name="settled_on" type="date" :label="__('send/gifts.on')" required
                    :value="old('settled_on', $today->toDateString())" :max="$today->toDateString()" />
                <x-field name="how" :label="__('send/gifts.how')" :value="old('how')" maxlength="80"
                    :placeholder="__('send/gifts.how-hint')" />
            </div>
            <x-field name="reference" :label="__('send/gifts.reference')" :hint="__('send/gifts.reference-hint')"
                :value="old('reference')" maxlength="80" autocomplete="off" />
            <div><button class="button">{{ __('send/gifts.save') }}</button></div>
        </form>
    @else
        <p class="border-t-[1.5px] border-line py-2">{{ __('send/gifts.none-open') }}</p>
    @endif
    @if ($desk->payments->isNotEmpty())
        <h3 class="border-t-[1.5px] border-line pt-2">{{ __('send/gifts.payments') }}</h3>
        <ul>
            @foreach ($desk->payments as $payment)
                <li class="flex flex-wrap items-center gap-x-3 border-t-[1.5px] border-line py-2 first:border-t-0">
                    <div class="min-w-0 grow basis-56">
                        <p class="tabular">{{ $write->payment($payment) }}</p>
                        <p class="text-ink-soft">
                            {{ $payment->boxes->map(fn ($gift) => $gift->theme)->implode(', ') }}</p>
                    </div>
                    <form method="post" action="{{ route('gifts.destroy', $payment) }}">
                        @csrf
                        @method('delete')
                        <button class="button small">{{ __('send/gifts.drop') }}<span
                            class="sr-only">: {{ $payment->sum() }}</span></button>
                    </form>
                </li>
            @endforeach
        </ul>
    @endif
</section>

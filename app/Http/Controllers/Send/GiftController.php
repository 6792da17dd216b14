<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Actions\SettleGifts;
use App\Http\Requests\Send\GiftRequest;
use App\Models\GiftPayment;
use App\Refusals\GiftSettled;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;

/** The shipping gifts: paid, waived, or open again. */
final readonly class GiftController
{
    public function __construct(private SettleGifts $settleGifts) {}

    public function store(GiftRequest $request): RedirectResponse
    {
        try {
            $payment = $this->settleGifts->execute($request->payment(), $request->boxIds());
        } catch (GiftSettled $why) {
            return to_route('send')->withInput()->withErrors(['gifts' => $why->getMessage()]);
        }

        return to_route('send')->with('said', trans_choice(
            'send/gifts.saved',
            $payment->boxes->count(),
            ['sum' => $payment->sum()],
        ));
    }

    public function destroy(GiftPayment $payment): RedirectResponse
    {
        // The form has it again as it was, for whoever took it out to put it right, or by mistake.
        $asItWas = [
            'gifts' => $payment->boxes->modelKeys(),
            'state' => $payment->state->value,
            'settled_on' => $payment->settled_on->toDateString(),
            ...$payment->only('how', 'reference'),
        ];
        $this->settleGifts->drop($payment);

        return to_route('send')->withInput($asItWas)->with('said', Words::of('send/gifts.dropped'));
    }
}

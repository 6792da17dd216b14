<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\Box;
use App\Models\GiftPayment;

/** What became of shipping gifts, in words. */
final class GiftWords
{
    /** @return array{how: string, reference: string} how it was paid and under what reference, each after a comma */
    public static function said(GiftPayment $payment): array
    {
        return [
            'how' => $payment->how === null ? '' : Words::of('send/gifts.by-way-of', ['how' => $payment->how]),
            'reference' => $payment->reference === null
                ? ''
                : Words::of('send/gifts.under', ['reference' => $payment->reference]),
        ];
    }

    public static function line(GiftPayment $payment): string
    {
        return Words::of('send/gifts.line', [
            'day' => $payment->settled_on->format('j M Y'),
            'sum' => $payment->sum(),
            'state' => Words::of("send/gifts.states.{$payment->state->value}"),
            'by' => $payment->by,
            ...self::said($payment),
        ]);
    }

    /** What became of a box's gift; load `gift.payment` first. */
    public static function ofBox(Box $box): string
    {
        $payment = $box->gift?->payment;

        return $payment === null ? Words::of('send/gifts.on-ledger.open') : Words::of(
            "send/gifts.on-ledger.{$payment->state->value}",
            ['day' => $payment->settled_on->format('j M Y'), ...self::said($payment)],
        );
    }
}

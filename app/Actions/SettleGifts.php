<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\BoxGift;
use App\Models\GiftPayment;
use App\Refusals\GiftSettled;
use App\Support\Member;
use Illuminate\Support\Facades\DB;

/** Writes down that the sending gifts of some boxes are paid or waived; or that it was not so. */
final readonly class SettleGifts
{
    public function __construct(private Once $once) {}

    /**
     * @param  GiftPayment  $payment  as it was typed
     * @param  list<string>  $boxIds
     *
     * @throws GiftSettled If one of them is settled already.
     */
    public function execute(GiftPayment $payment, array $boxIds): GiftPayment
    {
        return DB::transaction(function () use ($payment, $boxIds): GiftPayment {
            $this->once->claim();
            $boxes = Box::query()->whereKey($boxIds)->orderBy('number')->get();
            $settled = BoxGift::query()->whereKey($boxIds)->orderBy('number')->pluck('theme')->all();
            $settled === [] || throw GiftSettled::meanwhile(array_values($settled));
            $payment->by = Member::name();
            $payment->save();
            foreach ($boxes as $box) {
                BoxGift::query()->create([
                    'box_id' => $box->id,
                    'crew_id' => $box->crew_id,
                    'gift_payment_id' => $payment->id,
                    'number' => $box->number,
                    'theme' => $box->theme,
                    'season' => $box->season,
                    'amount' => $box->sending_gift,
                ]);
            }

            return $payment;
        });
    }

    public function drop(GiftPayment $payment): void
    {
        DB::transaction(static function () use ($payment): void {
            BoxGift::query()->where('gift_payment_id', $payment->id)->get()->each->delete();
            GiftPayment::destroy($payment->id);
        });
    }
}

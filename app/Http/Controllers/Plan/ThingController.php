<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\FillBox;
use App\Http\Requests\Plan\ThingRequest;
use App\Http\Responses\SheetResponse;
use App\Models\Box;
use App\Refusals\CannotChangeBox;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Support\MessageBag;
use PluckyWren\Core\Stash\NotEnoughLeft;

final class ThingController
{
    public function __invoke(ThingRequest $request, Box $box, FillBox $fillBox): SheetResponse
    {
        $lot = $request->lot();
        try {
            $fillBox->add($box, $lot, $request->quantity());
        } catch (NotEnoughLeft|CannotChangeBox $why) {
            return SheetResponse::refused($box, new MessageBag(['quantity' => WhyWords::of($why)]), 'thing');
        }

        return SheetResponse::changed($box, Words::of('plan/boxes.added', ['name' => $lot->name]))->askingAfresh();
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\KeepPocketLot;
use App\Http\Requests\Gather\BoughtRequest;
use App\Models\User;
use App\Pages\Gather\Prices;
use App\Pages\Gather\Shortfall;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;

/** The price desk for a pocket without a signal: all is reckoned beforehand, and what is bought is sent later. */
final class PocketController
{
    /** Limits are taken along for every pack up to so many pieces, and for the larger packs there are. */
    private const UP_TO = 100;

    private const LARGER = [
        108,
        120,
        125,
        128,
        132,
        144,
        150,
        160,
        175,
        180,
        192,
        200,
        225,
        240,
        250,
        288,
        300,
        320,
        350,
        360,
        400,
        450,
        480,
        500,
        600,
        720,
        750,
        800,
        1000,
    ];

    public function show(Catalogue $catalogue, Prices $prices, Shortfall $shortfall, #[CurrentUser] User $user): View
    {
        $sizes = [...range(1, self::UP_TO), ...self::LARGER];
        $limits = array_map(static function (ItemKind $kind) use ($prices, $shortfall, $sizes): array {
            $needed = $shortfall->toBuy($kind);
            $judge = $prices->judgeFor($kind, $needed, $shortfall->bandsOf($kind));
            $packs = [];
            foreach ($judge->measure() === null ? [] : $sizes as $size) {
                $packs[$size] = [$judge->buyUpTo($size)?->format(), $judge->fairUpTo($size)?->format()];
            }

            return ['needed' => $needed, 'each' => $judge->measure()?->format(), 'packs' => $packs];
        }, $catalogue->all());

        return view('gather.pocket', ['limits' => $limits, 'currency' => $user->crew->currency, 'taken' => now()]);
    }

    /** Keep what was bought without a signal, once, however often it is sent. */
    public function later(BoughtRequest $request, KeepPocketLot $keepPocketLot, #[CurrentUser] User $user): JsonResponse
    {
        $lot = $request->lot();
        $isNew = $keepPocketLot->execute($lot, $request->string('key')->value(), $user);

        return new JsonResponse(['kept' => $lot->name, 'new' => $isNew], $isNew ? 201 : 200);
    }

    /** A fresh token for a page that has lain in a pocket. */
    public function token(Request $request): JsonResponse
    {
        return new JsonResponse(['token' => $request->session()->token()]);
    }
}

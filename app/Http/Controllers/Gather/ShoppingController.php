<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\BuyForBoxes;
use App\Actions\KeepAskedPrices;
use App\Actions\TickShopping;
use App\Http\Requests\Gather\AskedPricesRequest;
use App\Http\Requests\Gather\BoughtRequest;
use App\Http\Requests\Gather\TickRequest;
use App\Models\User;
use App\Pages\Gather\Prices;
use App\Pages\Gather\ShoppingPage;
use App\Pages\Gather\Shortfall;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class ShoppingController
{
    public function show(Shortfall $shortfall, Prices $prices, #[CurrentUser] User $user): View
    {
        return view('gather.shopping', ['page' => ShoppingPage::of($shortfall, $prices, $user->crew)]);
    }

    /** Keep what a few things cost where the crew shops. */
    public function prices(AskedPricesRequest $request, KeepAskedPrices $keepAskedPrices): RedirectResponse
    {
        $keepAskedPrices->execute($request->crew(), $request->prices());

        return to_route('shopping', status: 303)->with('said', Words::of('gather/shopping.asked-kept'));
    }

    /** Note that somebody has it in the basket, or put it back. */
    public function tick(TickRequest $request, TickShopping $tickShopping, #[CurrentUser] User $user): RedirectResponse
    {
        $tickShopping->execute($request->kind(), $request->isInBasket(), $user->name);

        return to_route('shopping', status: 303);
    }

    public function got(BoughtRequest $request, BuyForBoxes $buyForBoxes): RedirectResponse
    {
        $lot = $request->lot();
        $setAside = $buyForBoxes->execute($lot);

        return to_route('shopping')->with(
            'said',
            trans_choice($lot->pieces === 1 ? 'gather/shopping.got-one' : 'gather/shopping.got', $setAside, [
                'name' => $lot->name, 'pieces' => $lot->pieces,
            ]),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BuyForBoxes;
use App\Http\Requests\BoughtRequest;
use App\Models\Box;
use App\Models\User;
use App\View\Prices;
use App\View\ShoppingRow;
use App\View\Shortfall;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use PluckyWren\Core\Box\Shopping\ShoppingLine;
use PluckyWren\Core\Money\ExactAmount;

final class ShoppingController
{
    public function show(Shortfall $shortfall, Prices $prices, #[CurrentUser] User $user): View
    {
        $boxes = $shortfall->boxes();
        $rows = collect($shortfall->lines())
            ->filter(static fn (ShoppingLine $line): bool => $line->toBuy() > 0)
            ->map(static fn (ShoppingLine $line): ShoppingRow => new ShoppingRow(
                $line,
                $prices->latest($line->kind),
                $prices->judge($line->kind, $line->toBuy())->measure(),
                array_values($boxes->only(array_keys($line->byBox))->map(static fn (Box $box): string => $box->theme)->all()),
            ));
        $estimate = $rows->reduce(
            static fn (ExactAmount $sum, ShoppingRow $row): ExactAmount => $sum->plus($row->estimate() ?? ExactAmount::zero($user->crew->currency)),
            ExactAmount::zero($user->crew->currency),
        );

        return view('stash.shopping', [
            'places' => $rows->groupBy(static fn (ShoppingRow $row): string => $row->place())->sortKeysDesc(),
            'estimate' => $estimate->rounded(),
            'withoutEstimate' => $rows->filter(static fn (ShoppingRow $row): bool => $row->estimate() === null)->count(),
            'covered' => collect($shortfall->lines())->filter(static fn (ShoppingLine $line): bool => $line->onHand > 0),
            'hasBoxes' => $boxes->isNotEmpty(),
        ]);
    }

    public function got(BoughtRequest $request, BuyForBoxes $buyForBoxes): RedirectResponse
    {
        $lot = $request->lot();
        $setAside = $buyForBoxes->execute($lot);

        return to_route('shopping')->with('said', trans_choice('shopping.got', $setAside, ['name' => $lot->name, 'pieces' => $lot->pieces]));
    }
}

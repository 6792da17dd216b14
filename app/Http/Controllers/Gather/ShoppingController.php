<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\BuyForBoxes;
use App\Http\Requests\Gather\BoughtRequest;
use App\Models\Box;
use App\Models\User;
use App\Pages\Gather\Prices;
use App\Pages\Gather\ShoppingRow;
use App\Pages\Gather\Shortfall;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use PluckyWren\Core\Box\Shopping\BoxOutlook;
use PluckyWren\Core\Box\Shopping\ShoppingLine;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Stash\ItemKind;

final class ShoppingController
{
    /** The list, and whether each box stays within its budget once it has all of it. */
    public function show(Shortfall $shortfall, Prices $prices, #[CurrentUser] User $user): View
    {
        $boxes = $shortfall->boxes();
        $rows = collect($shortfall->lines())
            ->filter(static fn (ShoppingLine $line): bool => $line->toBuy() > 0)
            ->map(static fn (ShoppingLine $line): ShoppingRow => new ShoppingRow(
                $line,
                $prices->latest($line->kind),
                $prices->judgeFor($line->kind, $line->toBuy(), $shortfall->bandsOf($line->kind))->measure(),
                array_values(
                    $boxes->only(array_keys($line->byBox))->map(static fn (Box $box): string => $box->theme)->all(),
                ),
            ));
        $estimate = $rows->reduce(
            static fn (ExactAmount $sum, ShoppingRow $row): ExactAmount => $sum->plus(
                $row->estimate() ?? ExactAmount::zero($user->crew->currency),
            ),
            ExactAmount::zero($user->crew->currency),
        );

        $each = $prices->each(array_map(static fn (ShoppingLine $line): ItemKind => $line->kind, $shortfall->lines()));

        return view('gather.shopping', [
            'outlooks' => $boxes->filter(
                static fn (Box $box): bool => array_filter(
                    $shortfall->lines(),
                    static fn (ShoppingLine $line): bool => isset($line->byBox[$box->id]),
                ) !== [],
            )
                ->map(
                    static fn (Box $box): array => [
                        $box, BoxOutlook::of($box->id, $box->plan(), $shortfall->lines(), $each),
                    ],
                ),
            'places' => $rows->groupBy(static fn (ShoppingRow $row): string => $row->place())->sortKeysDesc(),
            'estimate' => $estimate->rounded(),
            'withoutEstimate' => $rows->filter(
                static fn (ShoppingRow $row): bool => $row->estimate() === null,
            )->count(),
            'covered' => collect($shortfall->lines())->filter(
                static fn (ShoppingLine $line): bool => $line->onHand > 0,
            ),
            'hasBoxes' => $boxes->isNotEmpty(),
        ]);
    }

    public function got(BoughtRequest $request, BuyForBoxes $buyForBoxes): RedirectResponse
    {
        $lot = $request->lot();
        $setAside = $buyForBoxes->execute($lot);

        return to_route('shopping')->with(
            'said',
            trans_choice('gather/shopping.got', $setAside, ['name' => $lot->name, 'pieces' => $lot->pieces]),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pack;

use App\Actions\TickTask;
use App\Models\Bench;
use App\Models\Box;
use App\Pages\Gather\Prices;
use App\Pages\Plan\BoxSheets;
use App\Words\ClosingWords;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Box\Closing\ClosingCheck;
use PluckyWren\Core\Box\Closing\ClosingTick;
use PluckyWren\Core\Box\Closing\SecondLook;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Stash\Catalogue;

/** The last look before a box is packed, and what the drive's checkers would do with it. */
final class ClosingController
{
    public function show(Box $box, BoxSheets $sheets, Prices $prices, Catalogue $catalogue, StartingList $list): View
    {
        $sheet = $sheets->tried($box->load('gift.payment'));

        return view('pack.closing', [
            'sheet' => $sheet,
            'check' => ClosingCheck::of(
                $sheet->plan,
                $sheet->gauges,
                $box->closingTicks(),
                $box->onTheWay(),
                Bench::query()->find($box->id)?->lidOver($sheet->problem),
            ),
            'namesOf' => (new ClosingWords)->names(...),
            'look' => SecondLook::of($sheet->plan, $list, $prices->each($catalogue->all())),
        ]);
    }

    public function tick(Request $request, Box $box, ClosingTick $tick, TickTask $tickTask): RedirectResponse
    {
        $tickTask->ofClosing($box, $tick, $request->boolean('done'));

        return to_route('boxes.closing', $box)->with(
            'said',
            Words::of($request->boolean('done') ? 'pack/closing.ticked' : 'pack/closing.unticked'),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\BoxHistory;
use App\Actions\FillAtOnce;
use App\Fit\FitRoom;
use App\Http\Requests\Plan\FillRequest;
use App\Models\Box;
use App\Pages\Plan\BoxSheets;
use App\Pages\Plan\FillCandidates;
use App\Pages\Plan\FillingPage;
use App\Reference\Themes;
use App\Refusals\CannotChangeBox;
use App\Words\WhyWords;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Box\Filling\Way;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** “Fill it for me”: a proposal from the stash, of which the packer takes all, some or none. */
final readonly class FillingController
{
    private const MOST_TURNS = 50;

    public function show(
        Request $request,
        Box $box,
        FitRoom $fitRoom,
        BoxSheets $sheets,
        RuleBook $rules,
        Themes $themes,
        FillCandidates $candidates,
    ): View {
        return view('plan.filling', [
            'page' => ! $box->stage->isOpen() ? null : FillingPage::of(
                $box,
                Way::tryFrom($request->string('way')->value()) ?? Way::HangTogether,
                max(0, min(self::MOST_TURNS, $request->integer('turn'))),
                $request->boolean('buy'),
                $candidates,
                $fitRoom,
                $sheets,
                $rules,
                $themes,
            ),
            'box' => $box,
            'ways' => Way::cases(),
        ]);
    }

    public function store(
        FillRequest $request,
        Box $box,
        FillAtOnce $fill,
        BoxHistory $history,
        Catalogue $catalogue,
    ): RedirectResponse {
        try {
            $count = $fill->execute($box, $request->lots(), $request->toBuy($catalogue));
        } catch (NotEnoughLeft|CannotChangeBox $why) {
            return back(303)->withErrors(['take' => WhyWords::of($why)]);
        }

        return to_route('boxes.show', $box, 303)
            ->with('said', trans_choice('plan/filling.filled', $count))
            ->with('undo', $history->undoAddress());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\BoxHistory;
use App\Actions\ChangeBox;
use App\Models\Box;
use App\Reference\Guides;
use App\Refusals\CannotChangeBox;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Box\GuideComparison;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Rules\RuleBook;

/** A box under another guide: what would change, and the change itself. */
final readonly class CompareController
{
    public function __construct(private Guides $guides) {}

    public function show(Request $request, Box $box, RuleBook $rules): View
    {
        $others = array_filter(
            $this->guides->all(),
            static fn (Guide $guide): bool => $guide->edition->id !== $box->guide,
        );
        $chosen = $this->guides->find($request->string('with')->value());
        $with = $chosen
            ?? (
                $this->guides->current()->edition->id === $box->guide
                    ? array_values($others)[0] ?? null
                    : $this->guides->current()
            );
        $plan = $box->load(Box::CONTENTS)->plan();

        return view('plan.compare', [
            'box' => $box,
            'plan' => $plan,
            'guides' => $others,
            'comparison' => $with === null ? null : GuideComparison::of($plan, $with, $rules),
        ]);
    }

    /** Plan the box by another guide from now on; its band is that guide's nearest. */
    public function adopt(
        Request $request,
        Box $box,
        RuleBook $rules,
        ChangeBox $changeBox,
        BoxHistory $history,
    ): RedirectResponse {
        $guide = $this->guides->find($request->string('guide')->value()) ?? abort(404);
        $band = GuideComparison::of($box->load(Box::CONTENTS)->plan(), $guide, $rules)->band;
        $isAlike = $box->sending_gift->currency->equals($guide->terms->sendingGift->currency);
        try {
            $changeBox->set(
                $box,
                ['guide' => $guide->edition->id, 'band' => $band->id()] + (
                    $isAlike ? ['sending_gift' => $guide->terms->sendingGift] : []
                ),
            );
        } catch (CannotChangeBox $why) {
            return to_route('boxes.show', $box)->with('said', $why->getMessage());
        }

        return to_route('boxes.show', $box)
            ->with('said', Words::of('guides/guides.adopted', ['drive' => $guide->edition->drive]))
            ->with('undo', $history->undoAddress());
    }
}

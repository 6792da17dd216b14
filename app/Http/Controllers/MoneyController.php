<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangedMeanwhile;
use App\Models\Box;
use App\Models\User;
use App\Reference\Guides;
use App\Rules\ReadsAsMoney;
use App\View\BoxSheets;
use App\View\Ledger;
use App\View\SeasonMoney;
use App\View\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Money\Money;

final class MoneyController
{
    public function season(Request $request, Guides $guides, #[CurrentUser] User $user): View
    {
        return view('stash.money', ['season' => SeasonMoney::of($user->crew, $guides, $request->query('season')), 'currency' => $user->crew->currency]);
    }

    /** Keep what the season may cost; an empty amount takes the budget away. */
    public function budget(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $typed = $request->validate(['budget' => ['bail', 'nullable', 'string', new ReadsAsMoney($user->crew->currency)]], ['string' => Words::of('boxes.errors.text')])['budget'] ?? null;
        $budget = is_string($typed) ? Money::parse($typed, $user->crew->currency) : null;
        if ($request->has('was') && $request->string('was')->value() !== ($user->crew->season_budget?->typed() ?? '')) {
            return back(303)->withInput()->withErrors(['budget' => ChangedMeanwhile::value($user->crew->season_budget?->format() ?? Words::of('money.no-budget'))->getMessage()]);
        }
        $user->crew->update(['season_budget' => $budget?->isZero() === false ? $budget : null]);

        return to_route('money')->with('said', Words::of('money.budget-kept'));
    }

    public function ledger(Box $box, BoxSheets $sheets): View
    {
        $sheet = $sheets->known(collect([$box->load('pieces.lot')]))->firstOrFail();

        return view('boxes.ledger', ['sheet' => $sheet, 'ledger' => Ledger::of($sheet)]);
    }
}

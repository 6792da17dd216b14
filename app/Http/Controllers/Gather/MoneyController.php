<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\ChangeCrew;
use App\Crews\CrewInHand;
use App\Http\Controllers\Concerns\CarriesWhatWas;
use App\Models\Crew;
use App\Models\User;
use App\Pages\Gather\SeasonMoney;
use App\Refusals\ChangedMeanwhile;
use App\Rules\ReadsAsMoney;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Money\Money;

final class MoneyController
{
    use CarriesWhatWas;

    public function season(Request $request, CrewInHand $hand, #[CurrentUser] User $user): View
    {
        return view('gather.money', [
            'season' => SeasonMoney::of($user->crew, $hand, $request->query('season')),
            'currency' => $user->crew->currency,
        ]);
    }

    /** Keep what the season may cost; an empty amount takes the budget away. */
    public function budget(Request $request, ChangeCrew $changeCrew, #[CurrentUser] User $user): RedirectResponse
    {
        $typed = $request->validate(
            ['budget' => ['bail', 'nullable', 'string', new ReadsAsMoney($user->crew->currency)]],
            ['string' => Words::of('plan/boxes.errors.text')],
        )['budget'] ?? null;
        $budget = is_string($typed) ? Money::parse($typed, $user->crew->currency) : null;
        try {
            $changeCrew->set(
                $user->crew,
                'season_budget',
                $budget?->isZero() === false ? $budget : null,
                $this->was($request),
                static fn (Crew $crew): string => $crew->season_budget?->format()
                    ?? Words::of('gather/money.no-budget'),
            );
        } catch (ChangedMeanwhile $why) {
            return back(303)->withInput()->withErrors(['budget' => $why->getMessage()]);
        }

        return to_route('money')->with('said', Words::of('gather/money.budget-kept'));
    }
}

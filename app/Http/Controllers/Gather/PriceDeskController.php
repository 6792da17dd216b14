<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\SetTarget;
use App\Crews\CrewInHand;
use App\Http\Controllers\Concerns\CarriesWhatWas;
use App\Http\Responses\PageOrFragment;
use App\Models\User;
use App\Pages\Gather\PriceDesk;
use App\Pages\Gather\Prices;
use App\Pages\Gather\Shortfall;
use App\Refusals\ChangedMeanwhile;
use App\Rules\ReadsAsTarget;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Money\Target\TargetAmount;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Catalogue;

final readonly class PriceDeskController
{
    use CarriesWhatWas;

    public function __construct(private Catalogue $catalogue, private CrewInHand $hand) {}

    public function show(
        Request $request,
        Prices $prices,
        Shortfall $shortfall,
        #[CurrentUser] User $user,
    ): PageOrFragment {
        $desk = PriceDesk::of($request, $this->catalogue, $user->crew->currency);
        $needed = $desk->kind === null ? 0 : $shortfall->toBuy($desk->kind);
        $bands = $this->hand->guide()->audience->bands;
        $band = collect($bands)->first(static fn (AgeBand $band): bool => $band->id() === $request->query('band'));

        return new PageOrFragment(view('gather.price-desk', [
            'desk' => $desk,
            'needed' => $needed,
            'currency' => $user->crew->currency,
            'bands' => $bands,
            'band' => $band,
            'target' => $desk->kind === null ? null : $prices->target($desk->kind, $band),
            'was' => $desk->kind === null ? '' : ($prices->kept($desk->kind, $band)?->typed() ?? ''),
            'history' => $desk->kind === null ? null : $prices->history($desk->kind),
            'judge' => $desk->kind === null ? null : $prices->judge($desk->kind, $needed, $band),
        ]), 'desk');
    }

    /** Keep a target for a kind; an empty one lets the best so far stand for it again. */
    public function target(Request $request, SetTarget $setTarget, #[CurrentUser] User $user): RedirectResponse
    {
        $currency = $user->crew->currency;
        $kept = $request->validate([
            'kind' => ['required', Rule::in($this->catalogue->ids())],
            'band' => [
                'nullable',
                Rule::in(
                    array_map(
                        static fn (AgeBand $band): string => $band->id(),
                        $this->hand->guide()->audience->bands,
                    ),
                ),
            ],
            'target' => ['bail', 'nullable', 'string', new ReadsAsTarget($currency)],
        ], ['in' => Words::of('plan/boxes.errors.in'), 'string' => Words::of('plan/boxes.errors.text')]);
        $target = is_string($kept['target'] ?? null) ? TargetAmount::parse($kept['target'], $currency) : null;
        try {
            $setTarget->execute($user, $kept['kind'], $kept['band'] ?? '', $target, $this->was($request));
        } catch (ChangedMeanwhile $why) {
            return back(303)->withInput()->withErrors(['target' => $why->getMessage()]);
        }

        return back(303)->with('said', Words::of('gather/desk.target-kept'));
    }
}

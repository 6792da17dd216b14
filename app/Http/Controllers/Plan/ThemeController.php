<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\FillBox;
use App\Actions\KeepTheme;
use App\Http\Requests\Plan\QuantityRequest;
use App\Http\Requests\Plan\ThemeRequest;
use App\Models\Box;
use App\Models\BoxTheme;
use App\Models\Lot;
use App\Models\Piece;
use App\Pages\Plan\ThemePage;
use App\Reference\Themes;
use App\Refusals\CannotChangeBox;
use App\Words\ThemeWords;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** The theme board: what a box is about, what goes with it, what does not. */
final readonly class ThemeController
{
    public function __construct(private KeepTheme $keepTheme, private Themes $themes, private Catalogue $catalogue) {}

    public function show(Box $box): View
    {
        return view('plan.theme', [
            'page' => ThemePage::of($box, $this->themes, $this->catalogue), 'colourName' => ThemeWords::colour(...),
        ]);
    }

    public function update(ThemeRequest $request, Box $box): RedirectResponse
    {
        $said = BoxTheme::query()->find($box->id);
        try {
            $this->keepTheme->execute(
                $box,
                $request->ownWords($said->words ?? []),
                $request->without($said->without ?? []),
                $request->seed(),
                $request->palette(),
                $request->boolean('for_all'),
            );
        } catch (CannotChangeBox $why) {
            return back(303)->withErrors(['words' => $why->getMessage()]);
        }

        return to_route('boxes.theme', $box, 303)->with('said', Words::of('plan/theme.kept'));
    }

    public function pick(QuantityRequest $request, Box $box, FillBox $fillBox): RedirectResponse
    {
        if ($request->filled('buy')) {
            return $this->list($request, $box, $fillBox);
        }
        $lot = Lot::query()->findOrFail($request->string('lot')->value());
        Gate::authorize('update', $lot);
        try {
            $fillBox->pick($box, $lot, $request->integer('quantity'));
        } catch (NotEnoughLeft|CannotChangeBox $why) {
            return back(303)->withErrors(['pick' => WhyWords::of($why)]);
        }

        return to_route('boxes.theme', $box, 303)->with('said', Words::of('plan/boxes.picked', ['name' => $lot->name]));
    }

    private function list(QuantityRequest $request, Box $box, FillBox $fillBox): RedirectResponse
    {
        $id = $request->string('buy')->value();
        $this->catalogue->has($id) || abort(404);
        $kind = $this->catalogue->get($id);
        try {
            $fillBox->list($box, $kind, $request->integer('quantity'));
        } catch (CannotChangeBox $why) {
            return back(303)->withErrors(['pick' => $why->getMessage()]);
        }

        return to_route('boxes.theme', $box, 303)
            ->with('said', Words::of('plan/boxes.listed', ['name' => $kind->name]));
    }

    public function keep(Request $request, Piece $piece): RedirectResponse
    {
        $isKept = $request->boolean('kept');
        $this->keepTheme->keep($piece->box, $piece->id, $isKept);

        return to_route('boxes.theme', $piece->box_id, 303)
            ->with('said', Words::of($isKept ? 'plan/theme.stays' : 'plan/theme.again'));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\ChangeLot;
use App\Actions\KeepLots;
use App\Http\Requests\Gather\LotRequest;
use App\Http\Responses\PageOrFragment;
use App\Models\Lot;
use App\Models\LotChange;
use App\Pages\Gather\AlikeLots;
use App\Pages\Plan\PickerState;
use App\Refusals\ChangedMeanwhile;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Stash\NotEnoughLeft;

final class LotController
{
    public function create(Request $request): PageOrFragment
    {
        $data = ['lot' => null, 'kind' => PickerState::of($request)->kind, 'was' => ''];

        return new PageOrFragment(view('gather.form', $data), 'form');
    }

    public function store(LotRequest $request, KeepLots $keepLots): RedirectResponse
    {
        $lot = $request->described(new Lot);
        $keepLots->execute($lot);

        return to_route('gather')->with('said', Words::of('gather/stash.added', ['name' => $lot->name]));
    }

    public function edit(Request $request, Lot $lot): PageOrFragment
    {
        return new PageOrFragment(view('gather.form', [
            'lot' => $lot,
            'kind' => PickerState::of($request)->kind ?? $lot->itemKind(),
            'was' => ChangeLot::prints($lot),
            'changes' => LotChange::query()->where('lot_id', $lot->id)->get()->sortByDesc('id'),
            'alike' => AlikeLots::of($lot),
            'hasPhoto' => $lot->photo()->exists(),
        ]), 'form');
    }

    public function update(LotRequest $request, Lot $lot, ChangeLot $changeLot): RedirectResponse
    {
        try {
            $changeLot->edit(
                $lot,
                $request->described(...),
                $request->string('was')->value(),
                $request->input('meanwhile') === 'theirs',
            );
        } catch (NotEnoughLeft $why) {
            return back(303)->withErrors(['pieces' => WhyWords::of($why)])->withInput();
        } catch (ChangedMeanwhile $why) {
            return back(303)->withInput()->with('meanwhile', $why->getMessage());
        }

        return to_route('gather')->with('said', Words::of('gather/stash.changed', ['name' => $lot->name]));
    }

    public function destroy(Lot $lot, ChangeLot $changeLot): RedirectResponse
    {
        return $changeLot->drop($lot)
            ? to_route('gather')->with('said', Words::of('gather/stash.removed', ['name' => $lot->name]))
            : back(303)->withErrors(['lot' => Words::of('gather/stash.errors.set-aside')]);
    }
}

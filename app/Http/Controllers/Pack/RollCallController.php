<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pack;

use App\Actions\LayOut;
use App\Http\Responses\PageOrFragment;
use App\Models\Box;
use App\Models\Piece;
use App\Pages\Pack\RollCall;
use App\Refusals\CannotChangeBox;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Box\Stage;

/** The roll call: everything for the boxes that are ready, laid out on the table before the first step. */
final class RollCallController
{
    public function show(Request $request): PageOrFragment
    {
        $query = Box::query()->with(Box::CONTENTS);
        $only = $request->string('box')->value();
        $boxes = $query->where($only === '' ? ['stage' => Stage::Ready] : ['id' => $only])->get();

        return new PageOrFragment(view('pack.roll-call', [
            'call' => new RollCall(array_values($boxes->sortBy('number')->all())),
            'box' => $only === '' ? null : $boxes->first(),
        ]), 'roll-call');
    }

    public function tick(Request $request, Piece $piece, LayOut $layOut): RedirectResponse
    {
        $back = to_route('roll-call', array_filter(['box' => $request->string('box')->value()]), 303);
        try {
            $layOut->execute($piece, $request->boolean('laid'));
        } catch (CannotChangeBox $why) {
            return $back->with('said', $why->getMessage());
        }

        return $back;
    }
}

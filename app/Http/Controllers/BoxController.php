<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\FillBox;
use App\Actions\PlanBox;
use App\Http\Requests\BoxRequest;
use App\Http\Responses\SheetResponse;
use App\Models\Box;
use App\Models\Lot;
use App\Models\User;
use App\Reference\Guides;
use App\View\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Box\ColourNames;
use PluckyWren\Core\Guide\Guide;

final readonly class BoxController
{
    public function __construct(private Guides $guides, private BoxKinds $boxKinds, private ColourNames $colourNames) {}

    public function create(): View
    {
        return $this->form(new Box, $this->guides->current());
    }

    public function store(BoxRequest $request, PlanBox $planBox, FillBox $fillBox, #[CurrentUser] User $user): RedirectResponse
    {
        $box = $planBox->execute($user->crew, $request->described(new Box));
        if ($request->boolean('from_guide')) {
            $fillBox->listWhatLacks($box);
        }

        return to_route('boxes.show', $box)->with('said', Words::of('boxes.planned', ['theme' => $box->theme]));
    }

    public function show(Box $box): SheetResponse
    {
        return SheetResponse::shown($box);
    }

    public function edit(Box $box): View
    {
        return $this->form($box, $this->guides->get($box->guide));
    }

    public function update(BoxRequest $request, Box $box): RedirectResponse
    {
        $request->described($box)->save();

        return to_route('boxes.show', $box)->with('said', Words::of('boxes.changed'));
    }

    public function destroy(Box $box): RedirectResponse
    {
        $box->delete();

        return to_route('shelf')->with('said', Words::of('boxes.removed', ['theme' => $box->theme]));
    }

    private function form(Box $box, Guide $guide): View
    {
        return view('boxes.form', [
            'box' => $box,
            'guide' => $guide,
            'boxKinds' => $this->boxKinds->all(),
            'swatches' => collect($this->colourNames->all()),
            'hasStash' => Lot::query()->exists(),
        ]);
    }
}

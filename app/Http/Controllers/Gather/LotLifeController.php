<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\ChangeLot;
use App\Actions\MergeLots;
use App\Http\Requests\Gather\LotFaultRequest;
use App\Models\Lot;
use App\Models\LotChange;
use App\Refusals\CannotMerge;
use App\Refusals\CannotPayBack;
use App\Refusals\CannotUndo;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Stash\LotLimits;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** What becomes of a lot: it arrives, some of it breaks or is given on, it is parted; and all of that taken back. */
final readonly class LotLifeController
{
    private const REASONS = ['broken', 'given-away'];

    public function __construct(private ChangeLot $changeLot) {}

    public function arrive(Lot $lot): RedirectResponse
    {
        $this->changeLot->arrive($lot);

        return self::back($lot, 'gather/life.arrived');
    }

    public function lose(Request $request, Lot $lot): RedirectResponse
    {
        $request->validate(
            [
                'gone' => ['bail', 'required', 'integer', 'between:1,'.LotLimits::PIECES],
                'why' => ['required', Rule::in(self::REASONS)],
            ],
            ['gone.*' => Words::of('gather/stash.wrong.pieces'), 'in' => Words::of('plan/boxes.errors.in')],
        );
        $why = $request->string('why')->value();
        try {
            $this->changeLot->lose($lot, $request->integer('gone'), $why === 'broken' ? 'broken' : 'given-away');
        } catch (NotEnoughLeft $no) {
            return back(303)->withErrors(['gone' => WhyWords::of($no)])->withInput();
        }

        return self::back($lot, "gather/life.{$why}");
    }

    public function fault(LotFaultRequest $request, Lot $lot): RedirectResponse
    {
        try {
            $wrong = $this->changeLot->fault(
                $lot,
                $request->integer('wrong'),
                $request->fault(),
                $request->end(),
                $request->back(),
            );
        } catch (NotEnoughLeft $no) {
            return back(303)->withErrors(['wrong' => WhyWords::of($no)])->withInput();
        } catch (CannotPayBack $no) {
            return back(303)->withErrors(['back' => $no->getMessage()])->withInput();
        }

        return self::back($wrong, "gather/life.wrong.{$request->end()->value}");
    }

    public function split(Request $request, Lot $lot): RedirectResponse
    {
        $request->validate(
            ['part' => ['bail', 'required', 'integer', 'between:1,'.LotLimits::PIECES]],
            ['part.*' => Words::of('gather/stash.wrong.pieces')],
        );
        try {
            $other = $this->changeLot->split($lot, $request->integer('part'));
        } catch (NotEnoughLeft $no) {
            return back(303)->withErrors(['part' => WhyWords::of($no)])->withInput();
        }

        return self::back($other, 'gather/life.split');
    }

    /** What the two differ in, to be decided before they are one. */
    public function together(Request $request, Lot $lot, MergeLots $mergeLots): View|RedirectResponse
    {
        $other = $this->other($request);
        $unlike = $mergeLots->unlike($lot, $other);
        if ($unlike !== [] || $lot->is($other)) {
            return to_route('lots.edit', $lot, 303)->withErrors([
                'with' => CannotMerge::unlike(
                    $lot->name,
                    $other->name,
                    array_map(static fn (string $field): string => Words::of("gather/life.fields.{$field}"), $unlike),
                )->getMessage(),
            ]);
        }

        return view('gather.merge', [
            'lot' => $lot,
            'other' => $other,
            'differing' => $mergeLots->differing($lot, $other),
        ]);
    }

    public function merge(Request $request, Lot $lot, MergeLots $mergeLots): RedirectResponse
    {
        $other = $this->other($request);
        if (
            $mergeLots->unlike($lot, $other) === []
                && $mergeLots->differing($lot, $other) !== []
                && ! $request->has('choice')
        ) {
            return to_route('lots.together', [$lot, 'with' => $other->id], 303);
        }
        try {
            $mergeLots->execute($lot, $other, (array) $request->input('choice', []));
        } catch (CannotMerge|NotEnoughLeft $no) {
            return to_route('lots.edit', $lot, 303)->withErrors(['with' => WhyWords::of($no)]);
        }

        return self::back($lot, 'gather/life.merged');
    }

    private function other(Request $request): Lot
    {
        $id = $request->input('with');

        return Lot::query()->findOrFail(is_string($id) ? $id : '');
    }

    public function undo(LotChange $change): RedirectResponse
    {
        try {
            $this->changeLot->undo($change);
        } catch (NotEnoughLeft|CannotUndo $no) {
            return to_route('lots.edit', $change->lot_id)->withErrors(['undo' => WhyWords::of($no)]);
        }

        // A lot that came in by mistake is gone again.
        $to = $change->what === 'got' ? to_route('gather') : to_route('lots.edit', $change->lot_id);

        return $to->with('said', Words::of('gather/life.undone'));
    }

    private static function back(Lot $lot, string $said): RedirectResponse
    {
        return to_route('lots.edit', $lot)->with('said', Words::of($said, ['name' => $lot->name]));
    }
}

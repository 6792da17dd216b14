<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\BoxHistory;
use App\Actions\ChangeBox;
use App\Actions\FillBox;
use App\Fit\FitRoom;
use App\Http\Responses\PageOrFragment;
use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use App\Pages\Plan\FitAnswers;
use App\Refusals\CannotChangeBox;
use App\Words\WhyWords;
use App\Words\Words;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** What would make a box go in better, and the doing of it. */
final readonly class FitAnswersController
{
    public function __construct(private FillBox $fillBox, private ChangeBox $changeBox, private BoxHistory $history) {}

    /** The answers; or that they are not worked out yet, while another box of the crew is. */
    public function show(Box $box, FitRoom $fitRoom): PageOrFragment
    {
        $plan = $box->load(Box::CONTENTS)->plan();
        $page = $fitRoom->inTurn($box->crew_id, static function () use ($box, $plan, $fitRoom): PageOrFragment {
            // What could be done is only worth telling of the best packing there is.
            $plan->pieces === [] || $fitRoom->improve(FitProblem::of($plan), $box->crew_id);

            return (
                new PageOrFragment(view('plan.fit-answers', ['answers' => FitAnswers::of($box)]), 'answers')
            )->rendered();
        });

        return $page ?? new PageOrFragment(view('plan.fit-answers-later', ['box' => $box]), 'answers');
    }

    public function leaveOut(Request $request, Box $box): RedirectResponse
    {
        $request->validate(
            ['counts' => ['required', 'array', 'max:20'], 'counts.*' => ['integer', 'between:1,100']],
            ['*' => Words::of('plan/fit.errors.counts')],
        );
        /** @var array<string, mixed> $counts */
        $counts = $request->array('counts');

        return $this->done(
            $box,
            fn () => $this->fillBox->leaveOut(
                $box,
                array_map(static fn (mixed $count): int => is_numeric($count) ? (int) $count : 1, $counts),
            ),
            Words::of('plan/fit.left-out'),
        );
    }

    public function swap(Request $request, Piece $piece): RedirectResponse
    {
        $lot = Lot::query()->findOrFail($request->string('lot')->value());
        Gate::authorize('update', $lot);

        return $this->done(
            $piece->box,
            fn () => $this->fillBox->swap($piece, $lot),
            Words::of('plan/fit.swapped', ['name' => $lot->name]),
        );
    }

    public function kind(Request $request, Box $box, BoxKinds $boxKinds): RedirectResponse
    {
        $request->validate(
            ['kind' => ['required', Rule::in(array_keys($boxKinds->all()))]],
            ['*' => Words::of('plan/boxes.errors.in')],
        );
        $kind = $boxKinds->get($request->string('kind')->value());

        // What was done to the old box is not done to the new one.
        $changes = [
            'box_kind' => $kind->id,
            'own_size' => null,
            'own_floor_length_tenths' => null,
            'own_floor_width_tenths' => null,
            'done' => [],
        ];

        return $this->done(
            $box,
            fn () => $this->changeBox->set($box, $changes),
            Words::of('plan/fit.now-in', ['box' => $kind->name]),
        );
    }

    public function school(Request $request, Box $box): RedirectResponse
    {
        $request->validate(
            ['school' => ['required', Rule::enum(Order::class)]],
            ['*' => Words::of('plan/boxes.errors.in')],
        );
        $order = Order::from($request->string('school')->value());

        return $this->done(
            $box,
            fn () => $this->changeBox->set($box, ['packing_order' => $order]),
            Words::of('plan/fit.now-by', ['school' => Words::of("plan/fit.orders.{$order->value}.name")]),
        );
    }

    /** Do it and say so, or say why it cannot be done; either way back to how the box goes in. */
    private function done(Box $box, Closure $change, string $said): RedirectResponse
    {
        try {
            $change();
        } catch (NotEnoughLeft|CannotChangeBox $why) {
            return to_route('boxes.fit', $box, 303)->with('said', WhyWords::of($why));
        }

        return to_route('boxes.fit', $box, 303)->with('said', $said)->with('undo', $this->history->undoAddress());
    }
}

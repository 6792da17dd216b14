<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\BoxHistory;
use App\Actions\ChangeBox;
use App\Models\Box;
use App\Refusals\CannotChangeBox;
use App\Refusals\CannotUndo;
use App\Refusals\ChangedMeanwhile;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Box\Stage;

/** Moves a box along its way, and takes one back that was handed in. */
final readonly class MoveBoxController
{
    public function __construct(private ChangeBox $changeBox, private BoxHistory $history) {}

    public function takeBack(Box $box): RedirectResponse
    {
        try {
            $this->changeBox->takeBack($box);
        } catch (CannotUndo $why) {
            return back(303)->withErrors(['stage' => $why->getMessage()]);
        }

        return to_route('boxes.show', $box, 303)->with(
            'said',
            Words::of('plan/boxes.taken-back', ['theme' => $box->theme]),
        );
    }

    public function __invoke(Request $request, Box $box): RedirectResponse
    {
        $request->validate(
            ['stage' => ['required', Rule::enum(Stage::class)], 'was' => ['nullable', Rule::enum(Stage::class)]],
            ['*' => Words::of('plan/boxes.errors.in')],
        );
        $stage = Stage::from($request->string('stage')->value());
        try {
            $this->changeBox->move($box, $stage, Stage::tryFrom($request->string('was')->value()));
        } catch (ChangedMeanwhile $why) {
            return back(303)->withErrors(['stage' => $why->getMessage()]);
        } catch (CannotChangeBox $why) {
            if ($box->refresh()->stage === Stage::HandedIn) {
                throw $why;
            }

            return to_route('boxes.closing', $box, 303)->with('said', Words::of('plan/boxes.not-closed-yet'));
        }

        return back(303)
            ->with(
                'said',
                Words::of('plan/boxes.moved', [
                    'theme' => $box->theme,
                    'stage' => Words::of("plan/stages.{$stage->value}.name"),
                ]),
            )
            ->with('undo', $this->history->undoAddress());
    }
}

<?php

declare(strict_types=1);

namespace App\Console;

use App\Fit\FitRoom;
use App\Models\Box;
use App\Models\Crew;
use App\Models\User;
use Generator;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Auth;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Fit\Problem;

/**
 * Tries boxes that have been left alone over a spread of measures, a few tries each, so that their pages have the
 * answer ready.
 */
final class FitSureCommand extends Command
{
    /** Packings older than this are forgotten, as a change of a box leaves one behind each time. */
    private const KEPT_DAYS = 60;

    protected $signature = 'fit:sure';

    protected $description = 'Try boxes that have been left alone for a while with measures a little off';

    public function handle(FitRoom $fitRoom): int
    {
        // Whatever is forgotten can be found again; a box that is packed lies as it lies, and another way would be no
        // help.
        $kept = [];
        foreach ($this->shelves() as $boxes) {
            array_push(
                $kept,
                ...$boxes->filter(static fn (Box $box): bool => $box->stage === Stage::Packed)
                    ->map(static fn (Box $box): Problem => FitProblem::of($box->plan()))
                    ->all(),
            );
        }
        $fitRoom->forget(now()->subDays(self::KEPT_DAYS)->toDateTimeString(), $kept);
        $tried = 0;
        foreach ($this->shelves() as $boxes) {
            $tried += $boxes->filter(fn (Box $box): bool => $this->try($box, $fitRoom))->count();
        }
        $this->info(trans_choice('plan/fit.sure.boxes-tried', $tried));

        return self::SUCCESS;
    }

    /**
     * Look at each crew's boxes as one of its members sees them, by its own guides.
     *
     * @return Generator<int, Collection<int, Box>>
     */
    private function shelves(): Generator
    {
        foreach (Crew::query()->get() as $crew) {
            $member = User::query()->where('crew_id', $crew->id)->first();
            if ($member !== null) {
                Auth::setUser($member);
                yield Box::query()->with(Box::CONTENTS)->get();
            }
        }
    }

    private function try(Box $box, FitRoom $fitRoom): bool
    {
        if ($box->pieces->isEmpty() || ! $box->stage->isOpen() || ! $box->isLeftAlone()) {
            return false;
        }
        $problem = FitProblem::of($box->plan());
        $fitRoom->inTurn($box->crew_id, function () use ($fitRoom, $problem, $box): void {
            $fitRoom->packing($problem, $box->crew_id);
            $fitRoom->tryFurther($problem);
        });

        return true;
    }
}

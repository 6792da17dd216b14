<?php

declare(strict_types=1);

namespace App\Console;

use App\Fit\FitRoom;
use App\Models\Box;
use App\Models\Crew;
use App\Models\FitResult;
use App\Models\User;
use App\View\Sureness;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Auth;
use PluckyWren\Core\Box\FitProblem;

/** Tries boxes that have been left alone over a spread of measures, a few tries each, so that their pages have the answer ready. */
final class FitSureCommand extends Command
{
    /** Packings older than this are forgotten, as a change of a box leaves one behind each time. */
    private const KEPT_DAYS = 60;

    protected $signature = 'fit:sure';

    protected $description = 'Try boxes that have been left alone for a while with measures a little off';

    public function handle(FitRoom $fitRoom): int
    {
        // Whatever is forgotten can be found again.
        FitResult::query()->withoutGlobalScopes()->where('created_at', '<', now()->subDays(self::KEPT_DAYS)->toDateTimeString())->delete();
        $tried = 0;
        // Each crew's boxes are looked at as one of its members sees them, by its own guides.
        foreach (Crew::query()->get() as $crew) {
            $member = User::query()->where('crew_id', $crew->id)->first();
            if ($member === null) {
                continue;
            }
            Auth::setUser($member);
            $tried += Box::query()->with('pieces.lot')->get()->filter(fn (Box $box): bool => $this->try($box, $fitRoom))->count();
        }
        $this->info(trans_choice('fit.sure.boxes-tried', $tried));

        return self::SUCCESS;
    }

    private function try(Box $box, FitRoom $fitRoom): bool
    {
        if ($box->pieces->isEmpty() || ! $box->stage->isOpen() || ! Sureness::isLeftAlone($box)) {
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

<?php

declare(strict_types=1);

namespace App\Console;

use App\Fit\FitRoom;
use App\Models\Box;
use App\Models\Crew;
use App\Models\User;
use App\View\Sureness;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Auth;
use PluckyWren\Core\Box\FitProblem;

/** Tries boxes that have been left alone over a spread of measures, a few tries each, so that their pages have the answer ready. */
final class FitSureCommand extends Command
{
    protected $signature = 'fit:sure';

    protected $description = 'Try boxes that have been left alone for a while with measures a little off';

    public function handle(FitRoom $fitRoom): int
    {
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
        $fitRoom->packing($problem, $box->crew_id);
        $fitRoom->tryFurther($problem);

        return true;
    }
}

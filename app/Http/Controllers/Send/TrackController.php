<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Actions\AskTracking;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Has the drive's service asked what became of boxes, as far as it is time to. */
final class TrackController
{
    public function __invoke(AskTracking $askTracking, #[CurrentUser] User $user): RedirectResponse
    {
        $asked = $askTracking->due($user->crew, config()->integer('wren.tracking.at_once'));

        return back(303)->with('said', trans_choice('send/track.asked', $asked));
    }
}

<?php

declare(strict_types=1);

namespace App\Crews;

use App\Models\Crew;
use App\Models\User;
use Illuminate\Support\Facades\Auth;

/**
 * The crew for which something is done: that of whoever is signed in; whoever works without a session says which.
 * Without one, nothing is found.
 */
final class CrewInHand
{
    private ?int $taken = null;

    /** Work for a crew without anyone signed in, as a command does. */
    public function take(Crew $crew): void
    {
        $this->taken = $crew->id;
    }

    public function id(): ?int
    {
        $user = Auth::user();

        return $user instanceof User ? $user->crew_id : $this->taken;
    }
}

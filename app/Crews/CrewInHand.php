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

    private ?int $lent = null;

    /** Work for a crew without anyone signed in, as a command does. */
    public function take(Crew $crew): void
    {
        $this->taken = $crew->id;
    }

    /** Work for a crew whose link somebody opened, whoever else may be signed in. */
    public function lend(Crew $crew): void
    {
        $this->lent = $crew->id;
    }

    public function id(): ?int
    {
        if ($this->lent !== null) {
            return $this->lent;
        }
        $user = Auth::user();

        return $user instanceof User ? $user->crew_id : $this->taken;
    }
}

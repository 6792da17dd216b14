<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;
use Illuminate\Auth\Access\Response;
use Illuminate\Database\Eloquent\Model;

/** What every member of a crew may see, and only its keepers may change. */
abstract class KeeperPolicy extends CrewPolicy
{
    public function create(User $user): bool
    {
        return $user->isKeeper();
    }

    public function update(User $user, Model $record): Response
    {
        $seen = $this->view($user, $record);

        return $seen->denied() || $user->isKeeper() ? $seen : Response::deny();
    }

    public function delete(User $user, Model $record): Response
    {
        return $this->update($user, $record);
    }
}

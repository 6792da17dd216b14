<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;
use Illuminate\Auth\Access\Response;
use Illuminate\Database\Eloquent\Model;

/** A crew's own may be seen and changed by its members; to anyone else it is not there. */
abstract class CrewPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return true;
    }

    public function view(User $user, Model $record): Response
    {
        return $record->getAttribute('crew_id') === $user->crew_id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $user, Model $record): Response
    {
        return $this->view($user, $record);
    }

    public function delete(User $user, Model $record): Response
    {
        return $this->view($user, $record);
    }
}

<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;
use Illuminate\Auth\Access\Response;
use Illuminate\Database\Eloquent\Model;

/** Where somebody is signed in is nobody else’s to see, not even in the same crew. */
final class SignInPolicy extends CrewPolicy
{
    public function view(User $user, Model $record): Response
    {
        return $record->getAttribute('user_id') === $user->id ? Response::allow() : Response::denyAsNotFound();
    }
}

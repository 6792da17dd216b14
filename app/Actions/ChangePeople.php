<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Crew;
use App\Models\User;
use App\Refusals\CannotChangePeople;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** Who is in a crew and what they may do; histories keep the names of those who left. */
final readonly class ChangePeople
{
    public function __construct(private KeepSignIns $keepSignIns) {}

    /**
     * @param  'member'|'keeper'  $role
     *
     * @throws CannotChangePeople If nobody would be left to keep the crew.
     */
    public function role(User $person, string $role): void
    {
        DB::transaction(static function () use ($person, $role): void {
            $role === 'keeper' || self::refuseIfLastKeeper($person);
            $person->update(['role' => $role]);
        });
    }

    /**
     * Take someone out of the crew, or leave it: the account is deleted, what was done stays.
     *
     * @throws CannotChangePeople If nobody would be left to keep the crew.
     */
    public function remove(User $person): void
    {
        DB::transaction(static function () use ($person): void {
            self::refuseIfLastKeeper($person);
            $person->delete();
        });
    }

    /** @param string|null $password null where it stays; a new one ends what is signed in, wherever that is */
    public function account(User $person, string $name, string $email, ?string $password): void
    {
        DB::transaction(function () use ($person, $name, $email, $password): void {
            $person->fill(['name' => $name, 'email' => $email]);
            $password === null || $person->fill(['password' => Hash::make($password)]);
            $person->save();
            $password === null || $this->keepSignIns->endAll($person);
        });
    }

    /** Delete a crew with everything that is its own; there is no way back. */
    public function dissolve(Crew $crew): void
    {
        DB::transaction(static function () use ($crew): void {
            // What is in boxes goes first: no lot goes while something of it is set aside.
            DB::table('boxes')->where('crew_id', $crew->id)->delete();
            Crew::query()->whereKey($crew->id)->delete();
        });
    }

    /** @throws CannotChangePeople */
    private static function refuseIfLastKeeper(User $person): void
    {
        $others = User::query()->where('crew_id', $person->crew_id)->whereKeyNot($person->id);
        $others->where('role', User::KEEPER);
        ! $person->isKeeper() || $others->exists() || throw CannotChangePeople::lastKeeper();
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\HelperLink;
use App\Models\Invite;
use App\Models\User;
use App\Support\LinkToken;
use App\Support\Member;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** Lets others come to a crew: as one of its people by an invite, or to help by a link to one list. */
final class InvitePeople
{
    /**
     * @param  'member'|'keeper'  $role
     * @return string the token of the link, which is told this once
     */
    public function invite(string $role): string
    {
        $token = LinkToken::random();
        DB::transaction(static fn () => Invite::query()->create([
            'token_hash' => LinkToken::hash($token),
            'role' => $role,
            'by' => Member::name(),
            'ends_at' => now()->addDays(Invite::ENDS_AFTER_DAYS),
        ]));

        return $token;
    }

    public function takeBack(Invite $invite): void
    {
        DB::transaction(static fn () => $invite->delete());
    }

    /** Come into a crew; null where the link was used or ended meanwhile, or somebody has the address already. */
    public function join(string $token, string $name, string $email, string $password): ?User
    {
        $hash = Hash::make($password);

        return DB::transaction(static function () use ($token, $name, $email, $hash): ?User {
            $invite = Invite::ofLink($token);
            if ($invite === null || User::query()->where('email', $email)->exists()) {
                return null;
            }
            Invite::query()->withoutGlobalScopes()->whereKey($invite->id)->update(['used_at' => now()]);

            return User::query()->create([
                'crew_id' => $invite->crew_id, 'name' => $name, 'email' => $email, 'password' => $hash,
                'role' => $invite->role,
            ]);
        });
    }

    /**
     * @param  'shopping'|'evening'  $shows
     * @return string the token of the link, which is told this once
     */
    public function helper(string $shows): string
    {
        $token = LinkToken::random();
        DB::transaction(static fn () => HelperLink::query()->create([
            'token_hash' => LinkToken::hash($token), 'shows' => $shows, 'by' => Member::name(),
        ]));

        return $token;
    }

    public function revoke(HelperLink $link): void
    {
        DB::transaction(static fn () => $link->update(['revoked_at' => now()]));
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\SignIn;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Notes where people sign in, and ends it there. */
final class KeepSignIns
{
    /** Of one person so many are kept; a demo's one account is opened by many. */
    private const MOST = 50;

    /** So often, in minutes, it is noted that somebody is still there. */
    private const NOTED_EVERY = 10;

    /**
     * Somebody signs in: what has not been seen for as long as a session lasts is forgotten.
     *
     * @return string the id of the sign-in
     */
    public function begin(User $user, string $userAgent): string
    {
        return DB::transaction(static function () use ($user, $userAgent): string {
            $now = CarbonImmutable::now();
            $lasting = SignIn::of($user)
                ->where('seen_at', '>=', $now->subMinutes(config()->integer('session.lifetime')))
                ->limit(self::MOST - 1)
                ->pluck('id');
            SignIn::of($user)->whereKeyNot($lasting->all())->delete();

            return SignIn::query()->create([
                'crew_id' => $user->crew_id,
                'user_id' => $user->id,
                'device' => self::device($userAgent),
                'seen_at' => $now,
            ])->id;
        });
    }

    /** Somebody is still there; noted now and then, so that looking at pages writes nothing. */
    public function seen(SignIn $signIn): void
    {
        $now = CarbonImmutable::now();
        if ($signIn->seen_at->diffInMinutes($now) >= self::NOTED_EVERY) {
            DB::transaction(static fn () => $signIn->update(['seen_at' => $now]));
        }
    }

    /** Somebody signed out there. */
    public function forget(string $signInId): void
    {
        DB::transaction(static fn () => SignIn::query()->whereKey($signInId)->delete());
    }

    /** End it there: signed out at the next request, and not signed in again by being remembered. */
    public function end(SignIn $signIn, User $user): void
    {
        DB::transaction(static function () use ($signIn, $user): void {
            $signIn->delete();
            self::forgetRemembered($user);
        });
    }

    /** End all of somebody's, or all but one. */
    public function endAll(User $user, string $but = ''): void
    {
        DB::transaction(static function () use ($user, $but): void {
            SignIn::of($user)->whereKeyNot($but)->delete();
            self::forgetRemembered($user);
        });
    }

    private static function forgetRemembered(User $user): void
    {
        $user->setRememberToken(Str::random(60));
        $user->save();
    }

    private static function device(string $userAgent): string
    {
        return match (true) {
            preg_match('/tablet|ipad/i', $userAgent) === 1 => 'tablet',
            preg_match('/mobi|phone/i', $userAgent) === 1 => 'phone',
            default => 'computer',
        };
    }
}

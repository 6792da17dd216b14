<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Crew;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use PluckyWren\Core\Money\Currency;

/** Starts a crew with its first member; an address that someone has already starts none. */
final readonly class FoundCrew
{
    public function execute(
        string $crewName,
        string $name,
        string $email,
        string $password,
        Currency $currency,
        string $locale,
        string $timeZone = 'UTC',
    ): ?User {
        // Hashed before it is known whether it is needed, so that the answer takes as long either way.
        $hash = Hash::make($password);
        if (User::query()->where('email', $email)->exists()) {
            return null;
        }

        return DB::transaction(function () use ($crewName, $name, $email, $hash, $currency, $locale, $timeZone): User {
            $crew = Crew::query()->create([
                'name' => $crewName,
                'currency' => $currency,
                'locale' => $locale,
                'time_zone' => $timeZone,
            ]);

            return $crew->users()->create(['name' => $name, 'email' => $email, 'password' => $hash]);
        });
    }
}

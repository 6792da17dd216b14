<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Crew;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Money\Currency;

/** Starts a crew with its first member. */
final readonly class FoundCrew
{
    public function execute(string $crewName, string $name, string $email, string $password, Currency $currency, string $locale, string $timeZone = 'UTC'): User
    {
        return DB::transaction(function () use ($crewName, $name, $email, $password, $currency, $locale, $timeZone): User {
            $crew = Crew::query()->create(['name' => $crewName, 'currency' => $currency, 'locale' => $locale, 'time_zone' => $timeZone]);

            return $crew->users()->create(['name' => $name, 'email' => $email, 'password' => $password]);
        });
    }
}

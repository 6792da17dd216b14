<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Crew;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    public const PASSWORD = 'ten letters or more';

    protected $model = User::class;

    public function definition(): array
    {
        return [
            'crew_id' => Crew::factory(),
            // With an apostrophe it stands in a page as it is not typed; who tests that, says it.
            'name' => str_replace("'", '', fake()->name()),
            'email' => fake()->unique()->safeEmail(),
            'password' => self::PASSWORD,
        ];
    }
}

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

    /** None has a word in it that a test looks for, or a letter that stands in a page otherwise than it is typed. */
    private const FIRST_NAMES = ['Aldith', 'Benno', 'Cosima', 'Dorrit', 'Egon', 'Fenna', 'Gisela', 'Hanno'];

    private const LAST_NAMES = ['Quilby', 'Varrick', 'Zendt'];

    private static int $made = 0;

    protected $model = User::class;

    public function definition(): array
    {
        return [
            'crew_id' => Crew::factory(),
            'name' => self::nextName(),
            'email' => fake()->unique()->safeEmail(),
            'password' => self::PASSWORD,
        ];
    }

    private static function nextName(): string
    {
        $number = self::$made++;

        return self::FIRST_NAMES[$number % 8].' '.self::LAST_NAMES[$number % 3];
    }
}

<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Crew;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Facades\Hash;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    public const PASSWORD = 'ten letters or more';

    /** None has a word in it that a test looks for, or a letter that stands in a page otherwise than it is typed. */
    private const FIRST_NAMES = ['Aldith', 'Benno', 'Cosima', 'Dorrit', 'Egon', 'Fenna', 'Gisela', 'Hanno'];

    private const LAST_NAMES = ['Quilby', 'Varrick', 'Zendt'];

    private static int $made = 0;

    private static ?string $hash = null;

    protected $model = User::class;

    public function definition(): array
    {
        return [
            'crew_id' => Crew::factory(),
            'name' => self::nextName(),
            'email' => 'packer-'.self::$made.'@example.org',
            // Hashing takes long on purpose: once is enough.
            'password' => self::$hash ??= Hash::make(self::PASSWORD),
        ];
    }

    private static function nextName(): string
    {
        $number = self::$made++;

        return self::FIRST_NAMES[$number % 8].' '.self::LAST_NAMES[$number % 3];
    }
}

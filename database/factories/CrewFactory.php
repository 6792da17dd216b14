<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Crew;
use Illuminate\Database\Eloquent\Factories\Factory;
use PluckyWren\Core\Money\Currency;

/** @extends Factory<Crew> */
final class CrewFactory extends Factory
{
    protected $model = Crew::class;

    public function definition(): array
    {
        return ['name' => 'Juxley crew', 'currency' => Currency::of('EUR')];
    }
}

<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Box;
use App\Models\Crew;
use Illuminate\Database\Eloquent\Factories\Factory;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Recipient\Gender;

/** @extends Factory<Box> */
final class BoxFactory extends Factory
{
    protected $model = Box::class;

    public function definition(): array
    {
        static $number = 1000;

        return [
            'crew_id' => Crew::factory(),
            'number' => ++$number,
            'guide' => 'pellwick-quay',
            'band' => '4-7',
            'gender' => Gender::Girl,
            'theme' => 'Tide pool',
            'palette' => Palette::ofHexes(['#2f8f9d']),
            'box_kind' => 'straight-card',
            'sending_gift' => new Money(900, Currency::of('EUR')),
            'season' => 2026,
            'budget' => new Money(2500, Currency::of('EUR')),
        ];
    }

    public function for8to12(): static
    {
        return $this->state(['band' => '8-12']);
    }

    public function at(Stage $stage): static
    {
        return $this->state(['stage' => $stage]);
    }
}

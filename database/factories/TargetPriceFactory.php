<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Crew;
use App\Models\TargetPrice;
use Illuminate\Database\Eloquent\Factories\Factory;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;

/** @extends Factory<TargetPrice> */
final class TargetPriceFactory extends Factory
{
    protected $model = TargetPrice::class;

    public function definition(): array
    {
        return ['crew_id' => Crew::factory(), 'kind' => 'soap', 'target' => new Money(40, Currency::of('EUR'))];
    }
}

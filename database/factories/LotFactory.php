<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Crew;
use App\Models\Lot;
use Illuminate\Database\Eloquent\Factories\Factory;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Source;

/** @extends Factory<Lot> */
final class LotFactory extends Factory
{
    protected $model = Lot::class;

    /** A pack of six bars of soap for 2.76. */
    public function definition(): array
    {
        $soap = resolve(Catalogue::class)->get('soap');

        return [
            'crew_id' => Crew::factory(),
            'kind' => $soap->id,
            'name' => 'Soap, pine',
            'pieces' => 6,
            'price_state' => PriceState::Paid,
            'paid' => new Money(276, Currency::of('EUR')),
            'currency' => 'EUR',
            'source' => Source::Shop,
            'place' => 'Tuppence Corner',
            'got_on' => now()->subDays(10),
            'size' => $soap->body->size,
            'traits' => $soap->care->traits,
        ];
    }

    public function ofKind(string $id): static
    {
        $kind = resolve(Catalogue::class)->get($id);

        return $this->state([
            'kind' => $id,
            'name' => $kind->name,
            'size' => $kind->body->size,
            'traits' => $kind->care->traits,
        ]);
    }

    public function unpriced(): static
    {
        return $this->state(['price_state' => PriceState::Unknown, 'paid' => null]);
    }

    public function given(): static
    {
        return $this->state([
            'price_state' => PriceState::Free,
            'paid' => null,
            'source' => Source::Given,
            'place' => 'Ines',
        ]);
    }
}

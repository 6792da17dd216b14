<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Lot;
use App\Models\LotChange;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<LotChange> */
final class LotChangeFactory extends Factory
{
    protected $model = LotChange::class;

    /** A name put right. */
    public function definition(): array
    {
        return [
            'lot_id' => Lot::factory(),
            'crew_id' => static fn (array $change): mixed => Lot::query()
                ->whereKey($change['lot_id'])
                ->value('crew_id'),
            'by' => 'Marla',
            'what' => 'corrected',
            'before' => ['name' => 'Sope'],
            'after' => ['name' => 'Soap, pine'],
        ];
    }
}

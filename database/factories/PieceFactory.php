<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Piece> */
final class PieceFactory extends Factory
{
    protected $model = Piece::class;

    /** One of a lot in a box of the same crew. */
    public function definition(): array
    {
        return [
            'box_id' => Box::factory(),
            'crew_id' => static fn (array $piece): mixed => Box::query()->whereKey($piece['box_id'])->value('crew_id'),
            'lot_id' => static fn (array $piece): mixed => Lot::factory()->createOne([
                'crew_id' => $piece['crew_id'],
            ])->id,
            'quantity' => 1,
        ];
    }
}

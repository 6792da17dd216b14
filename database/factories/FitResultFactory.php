<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Crew;
use App\Models\FitResult;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<FitResult> */
final class FitResultFactory extends Factory
{
    private static int $made = 0;

    protected $model = FitResult::class;

    /** A packing of nothing, kept under a problem that nobody has. */
    public function definition(): array
    {
        return [
            'crew_id' => Crew::factory(),
            'problem' => hash('sha256', 'a problem of nobody '.self::$made++),
            'result' => '{"format":"plucky-wren/fit-result@1","placements":[],"left_out":[],'
                .'"closure":{"verdict":"flat","bands":1,"proud_mm":0,"press":0,"dome_mm":0},'
                .'"fill":0,"seed":1,"constructions":1}',
        ];
    }
}

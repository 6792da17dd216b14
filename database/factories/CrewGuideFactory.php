<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Crew;
use App\Models\CrewGuide;
use App\Reference\DataFiles;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<CrewGuide> */
final class CrewGuideFactory extends Factory
{
    protected $model = CrewGuide::class;

    /** A copy of the shipped guide under a name of its own. */
    public function definition(): array
    {
        return [
            'crew_id' => Crew::factory(),
            'slug' => 'our-own',
            'data' => ['id' => 'our-own'] + (resolve(DataFiles::class)->guide('pellwick-quay') ?? []),
        ];
    }
}

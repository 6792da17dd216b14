<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsDay;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a crew has set itself for a season.
 *
 * @property int $id
 * @property int $crew_id
 * @property int $year in which its hand-in closes
 * @property array<string, int> $goals how many boxes, by the id of a band
 * @property CarbonImmutable|null $started_on the day on which it was begun in one act; null where it just went on
 * @property string $by
 */
final class CrewSeason extends Model
{
    use BelongsToCrew;
    use Remembered;

    protected $fillable = ['crew_id', 'year', 'goals', 'started_on', 'by'];

    protected $attributes = ['goals' => '{}'];

    /** @var array<string, string> */
    protected $casts = ['year' => 'integer', 'goals' => 'array', 'started_on' => AsDay::class];

    /** How many boxes in all; null where none are set. */
    public function goal(): ?int
    {
        return $this->goals === [] ? null : array_sum($this->goals);
    }

    public function calledName(): string
    {
        return (string) $this->year;
    }
}

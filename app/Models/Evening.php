<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsDay;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * An evening on which the crew packs together.
 *
 * @property int $id
 * @property int $crew_id
 * @property CarbonImmutable $day
 * @property string $begins `18:00`, by the crew's own clock
 * @property string $ends
 * @property string|null $place
 */
final class Evening extends Model
{
    use BelongsToCrew;
    use Remembered;

    protected $fillable = ['crew_id', 'day', 'begins', 'ends', 'place'];

    /** @var array<string, string> */
    protected $casts = ['day' => AsDay::class];

    public function calledName(): string
    {
        return $this->day->format('j M Y');
    }
}

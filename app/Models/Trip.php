<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsDay;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A way to one of the drive's places with some boxes.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $place
 * @property CarbonImmutable $goes_on
 * @property string $by whoever planned it
 * @property Collection<int, TripBox> $boxes
 */
final class Trip extends Model
{
    use BelongsToCrew;
    use Remembered;

    protected $fillable = ['crew_id', 'place', 'goes_on', 'by'];

    /** @var array<string, string> */
    protected $casts = ['goes_on' => AsDay::class];

    /** @return HasMany<TripBox, $this> */
    public function boxes(): HasMany
    {
        return $this->hasMany(TripBox::class);
    }

    public function calledName(): string
    {
        return $this->place;
    }
}

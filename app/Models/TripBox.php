<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\CalledAsItsBox;
use App\Models\Concerns\Remembered;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * That a box goes along on a trip; each goes on one.
 *
 * @property string $box_id
 * @property int $crew_id
 * @property int $trip_id
 * @property Trip $trip
 */
final class TripBox extends Model
{
    use BelongsToCrew;
    use CalledAsItsBox;
    use Remembered;

    public const CREATED_AT = null;

    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $primaryKey = 'box_id';

    protected $keyType = 'string';

    protected $fillable = ['box_id', 'crew_id', 'trip_id'];

    /** @return BelongsTo<Trip, $this> */
    public function trip(): BelongsTo
    {
        return $this->belongsTo(Trip::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use Illuminate\Database\Eloquent\Model;

/**
 * What of one lot is in the kits of another: so many in each, and what all of it cost.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $kit_id
 * @property string $lot_id
 * @property int $each
 * @property int|null $paid_minor in minor units; null where it was free or nobody knows
 * @property array<string, mixed> $lot the row of the lot as it was before, so that it can come back when it was used up
 */
final class KitPart extends Model
{
    use BelongsToCrew;

    protected $fillable = ['crew_id', 'kit_id', 'lot_id', 'each', 'paid_minor', 'lot'];

    /** @var array<string, string> */
    protected $casts = ['each' => 'integer', 'paid_minor' => 'integer', 'lot' => 'array'];
}

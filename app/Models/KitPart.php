<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsPrepared;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Stash\Preparation\Prepared;

/**
 * What of one lot is in the kits of another: so many in each, and what all of it cost.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $kit_id
 * @property string $lot_id
 * @property int $each
 * @property int|null $paid_minor in minor units; null where it was free or nobody knows
 * @property int|null $list_minor what they cost before any cut; null where there was none, or nobody knows
 * @property Prepared $prepared what had been done to them
 * @property array<string, mixed> $lot the row of the lot as it was before, so that it can come back when it was used up
 */
final class KitPart extends Model
{
    use BelongsToCrew;
    use Remembered;

    protected $fillable = ['crew_id', 'kit_id', 'lot_id', 'each', 'paid_minor', 'list_minor', 'prepared', 'lot'];

    /** @var array<string, string> */
    protected $casts = [
        'each' => 'integer',
        'paid_minor' => 'integer',
        'list_minor' => 'integer',
        'prepared' => AsPrepared::class,
        'lot' => 'array',
    ];

    public function calledName(): string
    {
        return is_string($this->lot['name'] ?? null) ? $this->lot['name'] : '';
    }
}

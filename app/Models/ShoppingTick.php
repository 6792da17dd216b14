<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Somebody in a shop has it in the basket: whoever else shops need not buy it too.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $kind
 * @property string $by
 * @property CarbonImmutable $created_at
 */
final class ShoppingTick extends Model
{
    use BelongsToCrew;

    /** Nobody's basket stands so long. */
    public const LASTS_HOURS = 24;

    public const UPDATED_AT = null;

    protected $fillable = ['crew_id', 'kind', 'by'];

    /** @var array<string, string> */
    protected $casts = ['created_at' => 'immutable_datetime'];

    /** @return array<string, string> who has it, by kind */
    public static function inBaskets(): array
    {
        $query = self::query();
        $query->where('created_at', '>', now()->subHours(self::LASTS_HOURS)->toDateTimeString());

        /** @var array<string, string> */
        return $query->pluck('by', 'kind')->all();
    }
}

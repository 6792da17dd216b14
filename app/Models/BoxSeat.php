<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Someone sits at a box on a packing day.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $box_id
 * @property string $name
 * @property CarbonImmutable $created_at
 */
final class BoxSeat extends Model
{
    use BelongsToCrew;

    /** Nobody packs longer in a day. */
    public const LASTS_HOURS = 12;

    public const LONGEST_NAME = 40;

    public const UPDATED_AT = null;

    protected $fillable = ['crew_id', 'box_id', 'name'];

    /** @var array<string, string> */
    protected $casts = ['created_at' => 'immutable_datetime'];

    /** @return array<string, list<string>> who sits there now, by the box's id */
    public static function now(): array
    {
        $query = self::query();
        $query->where('created_at', '>', now()->subHours(self::LASTS_HOURS)->toDateTimeString())->orderBy('id');
        $seats = [];
        foreach ($query->get() as $seat) {
            $seats[$seat->box_id][] = $seat->name;
        }

        return $seats;
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\HoldsPhoto;
use App\Models\Concerns\Remembered;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A photo of a thing, small, with nothing in it but the picture.
 *
 * @property string $lot_id
 * @property int $crew_id
 * @property string $jpeg in base 64
 * @property CarbonImmutable $updated_at
 */
final class LotPhoto extends Model
{
    use BelongsToCrew;
    use HoldsPhoto;
    use Remembered;

    /** Neither side is longer, in pixels: enough for a phone, and light in a list. */
    public const LONGEST_SIDE = 640;

    public $incrementing = false;

    protected $primaryKey = 'lot_id';

    protected $keyType = 'string';

    protected $fillable = ['lot_id', 'crew_id', 'jpeg'];

    public function calledName(): string
    {
        return Lot::query()->find($this->lot_id)->name ?? '';
    }
}

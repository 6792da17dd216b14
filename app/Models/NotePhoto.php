<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\CalledAsItsBox;
use App\Models\Concerns\HoldsPhoto;
use App\Models\Concerns\Remembered;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * The small square photo on a box's note, with nothing in it but the picture.
 *
 * @property string $box_id
 * @property int $crew_id
 * @property string $jpeg in base 64
 * @property CarbonImmutable $updated_at
 */
final class NotePhoto extends Model
{
    use BelongsToCrew;
    use CalledAsItsBox;
    use HoldsPhoto;
    use Remembered;

    public $incrementing = false;

    protected $primaryKey = 'box_id';

    protected $keyType = 'string';

    protected $fillable = ['box_id', 'crew_id', 'jpeg'];
}

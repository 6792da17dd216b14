<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\CalledAsItsBox;
use App\Models\Concerns\Remembered;
use Illuminate\Database\Eloquent\Model;

/**
 * The note to the child who opens a box.
 *
 * @property string $box_id
 * @property int $crew_id
 * @property string $words
 */
final class BoxNote extends Model
{
    use BelongsToCrew;
    use CalledAsItsBox;
    use Remembered;

    public $incrementing = false;

    protected $primaryKey = 'box_id';

    protected $keyType = 'string';

    protected $fillable = ['box_id', 'crew_id', 'words'];
}

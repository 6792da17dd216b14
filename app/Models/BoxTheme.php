<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\CalledAsItsBox;
use App\Models\Concerns\Remembered;
use Illuminate\Database\Eloquent\Model;

/**
 * What a packer said of a box's theme beside its name and its colours.
 *
 * @property string $box_id
 * @property int $crew_id
 * @property list<string> $words that she added
 * @property list<string> $without words that she took away
 * @property list<string> $kept ids of pieces that are off the theme, knowingly
 * @property string|null $seed_lot_id the find with which it began
 */
final class BoxTheme extends Model
{
    use BelongsToCrew;
    use CalledAsItsBox;
    use Remembered;

    public $incrementing = false;

    protected $primaryKey = 'box_id';

    protected $keyType = 'string';

    protected $fillable = ['box_id', 'crew_id', 'words', 'without', 'kept', 'seed_lot_id'];

    protected $attributes = ['words' => '[]', 'without' => '[]', 'kept' => '[]'];

    /** @var array<string, string> */
    protected $casts = ['words' => 'array', 'without' => 'array', 'kept' => 'array'];
}

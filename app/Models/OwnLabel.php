<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use Illuminate\Database\Eloquent\Model;

/**
 * What a size label means that nobody else can read, as a crew once said.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $label in capitals, as `SizeLabel::plain` gives it
 * @property bool $is_shoes
 * @property int $fits_mm millimetres of body height, or of the foot
 */
final class OwnLabel extends Model
{
    use BelongsToCrew;
    use Remembered;

    protected $fillable = ['crew_id', 'label', 'is_shoes', 'fits_mm'];

    /** @var array<string, string> */
    protected $casts = ['is_shoes' => 'boolean', 'fits_mm' => 'integer'];

    public function calledName(): string
    {
        return $this->label;
    }
}

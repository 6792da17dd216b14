<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use Database\Factories\FitResultFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;

/**
 * A packing kept under the content of its problem.
 *
 * @property int $crew_id
 * @property string $problem
 * @property string $result
 */
final class FitResult extends Model
{
    use BelongsToCrew;

    /** @use HasFactory<FitResultFactory> */
    use HasFactory;

    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $primaryKey = 'problem';

    protected $keyType = 'string';

    protected $fillable = ['crew_id', 'problem', 'result'];
}

<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use Carbon\CarbonImmutable;
use Database\Factories\FitResultFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;

/**
 * A packing kept under the content of its problem.
 *
 * @property int $crew_id
 * @property string $problem
 * @property string $result
 * @property bool $is_thorough whether it was tried at length
 * @property CarbonImmutable $created_at
 * @property string $tries whether all went in, once for each try over a spread of measures: 1 or 0
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

    protected $attributes = ['is_thorough' => false, 'tries' => ''];

    protected $fillable = ['crew_id', 'problem', 'result', 'is_thorough', 'tries'];

    /** @var array<string, string> */
    protected $casts = ['is_thorough' => 'boolean'];
}

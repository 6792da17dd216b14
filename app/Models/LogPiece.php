<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use Illuminate\Database\Eloquent\Model;

/**
 * What was in a box that was handed in.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $box_id
 * @property string $kind
 * @property string $kind_name as the kind was called then
 * @property string $name
 * @property string|null $giver where it was given
 * @property int $quantity
 * @property string $searched everything by which it is found, in small letters
 */
final class LogPiece extends Model
{
    use BelongsToCrew;

    public const CREATED_AT = null;

    public const UPDATED_AT = null;

    protected $fillable = ['crew_id', 'box_id', 'kind', 'kind_name', 'name', 'giver', 'quantity', 'searched'];

    /** @var array<string, string> */
    protected $casts = ['quantity' => 'integer'];
}

<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Box\Bench\Press;
use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\PlacementFields;
use PluckyWren\Core\Fit\Placement;

/**
 * One press at the bench.
 *
 * @property int $id
 * @property string $box_id
 * @property list<array<string, mixed>> $in placements, as result files write them
 * @property list<string> $out ids of what came out again
 * @property string|null $refused how something did not go in
 * @property CarbonImmutable $created_at
 */
final class BenchPress extends Model
{
    use BelongsToCrew;

    public const UPDATED_AT = null;

    protected $fillable = ['crew_id', 'box_id', 'in', 'out', 'refused'];

    protected $attributes = ['in' => '[]', 'out' => '[]'];

    /** @var array<string, string> */
    protected $casts = ['in' => 'array', 'out' => 'array', 'created_at' => 'immutable_datetime'];

    public function press(): Press
    {
        return $this->out === []
            ? Press::in(array_map(
                static fn (array $fields): Placement => PlacementFields::read(Fields::ofArray($fields, 'bench')),
                $this->in,
            ))
            : Press::out($this->out);
    }
}

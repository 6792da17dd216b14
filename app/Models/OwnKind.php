<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\KindReader;

/**
 * A kind of thing that a crew made itself, as a file of kinds would have it.
 *
 * @phpstan-import-type KindData from KindReader
 *
 * @property int $crew_id
 * @property string $id
 * @property Category $category
 * @property KindData $line
 */
final class OwnKind extends Model
{
    use BelongsToCrew;
    use Remembered;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = ['crew_id', 'id', 'category', 'line'];

    /** @var array<string, string> */
    protected $casts = ['category' => Category::class, 'line' => 'array'];

    /** Ids are a crew's own: two crews may each have an `own-kite`. */
    protected function setKeysForSaveQuery($query)
    {
        return parent::setKeysForSaveQuery($query)->where('crew_id', $this->crew_id);
    }

    public function calledName(): string
    {
        return $this->line['name'] ?? $this->id;
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsPalette;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\KeyedByUlid;
use App\Models\Concerns\Remembered;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PluckyWren\Core\Colour\Palette;

/**
 * A theme for which there is no box yet.
 *
 * @property string $id
 * @property int $crew_id
 * @property string $name
 * @property Palette $palette
 * @property list<string> $words that were added
 * @property list<string> $without words that were taken away
 * @property list<string> $wishes what is looked out for, in the packer's words
 * @property string|null $seed_lot_id the find with which it began
 * @property Collection<int, IdeaThing> $things
 * @property Crew $crew
 */
final class Idea extends Model
{
    use BelongsToCrew;
    use KeyedByUlid;
    use Remembered;

    protected $fillable = ['crew_id', 'name', 'palette', 'words', 'without', 'wishes', 'seed_lot_id'];

    protected $attributes = ['palette' => '[]', 'words' => '[]', 'without' => '[]', 'wishes' => '[]'];

    /** @var array<string, string> */
    protected $casts = [
        'palette' => AsPalette::class, 'words' => 'array', 'without' => 'array', 'wishes' => 'array',
    ];

    /** @return HasMany<IdeaThing, $this> */
    public function things(): HasMany
    {
        return $this->hasMany(IdeaThing::class);
    }

    public function calledName(): string
    {
        return $this->name;
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Making\Materials;
use PluckyWren\Core\Stash\Making\Recipe as RecipeValue;

/**
 * How a crew makes something at home.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $name
 * @property string $kind
 * @property int $gives pieces a batch
 * @property int|null $minutes a batch
 * @property string $materials as they were written, one a line
 * @property Collection<int, Making> $makings the newest first
 * @property Crew $crew
 */
final class Recipe extends Model
{
    use BelongsToCrew;
    use Remembered;

    protected $fillable = ['crew_id', 'name', 'kind', 'gives', 'minutes', 'materials'];

    /** @var array<string, string> */
    protected $casts = ['gives' => 'integer', 'minutes' => 'integer'];

    /** @return HasMany<Making, $this> */
    public function makings(): HasMany
    {
        $makings = $this->hasMany(Making::class);
        $makings->orderByDesc('id');

        return $makings;
    }

    /** Get it as the core knows it; a material that nobody can read any more is passed over. */
    public function value(): RecipeValue
    {
        $catalogue = resolve(Catalogue::class);
        $materials = Materials::read($this->materials, $catalogue, $this->crew->currency);

        return new RecipeValue(
            $this->name,
            $catalogue->get($this->kind),
            $this->gives,
            $this->minutes,
            is_string($materials) ? [] : $materials,
        );
    }

    /** Get how long one piece has really taken, in minutes; null where nobody ever said. */
    public function minutesEach(): ?float
    {
        $timed = $this->makings->filter(static fn (Making $making): bool => $making->minutes !== null);

        return $timed->isEmpty() ? null : (int) $timed->sum('minutes') / max(1, (int) $timed->sum('pieces'));
    }

    public function calledName(): string
    {
        return $this->name;
    }
}

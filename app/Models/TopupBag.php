<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsDay;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PluckyWren\Core\Stash\Category;

/**
 * Left-over things of one lane, put together for the drive to top up thin boxes with.
 *
 * @property int $id
 * @property int $crew_id
 * @property Category $category
 * @property string|null $band for which children; null for any
 * @property int $season
 * @property CarbonImmutable|null $handed_in_on
 * @property string $by
 * @property Crew $crew
 * @property Collection<int, TopupPiece> $pieces
 */
final class TopupBag extends Model
{
    use BelongsToCrew;
    use Remembered;

    protected $fillable = ['crew_id', 'category', 'band', 'season', 'handed_in_on', 'by'];

    /** @var array<string, string> */
    protected $casts = ['category' => Category::class, 'season' => 'integer', 'handed_in_on' => AsDay::class];

    public function calledName(): string
    {
        return Words::of('send/topup.name', [
            'lane' => Words::of("lanes.{$this->category->value}"),
            'band' => $this->band === null ? Words::of('send/topup.any') : str_replace('-', '–', $this->band),
        ]);
    }

    /** @return HasMany<TopupPiece, $this> */
    public function pieces(): HasMany
    {
        $pieces = $this->hasMany(TopupPiece::class, 'bag_id');
        $pieces->orderBy('id');

        return $pieces;
    }
}

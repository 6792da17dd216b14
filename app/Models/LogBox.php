<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsDay;
use App\Casts\AsMoney;
use App\Models\Concerns\BelongsToCrew;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Send\BoxCode;

/**
 * A line of the log: a box that was handed in, as it was then.
 *
 * @property string $box_id
 * @property int $crew_id
 * @property int $number
 * @property string $theme
 * @property string $band
 * @property Gender $gender
 * @property int $season
 * @property CarbonImmutable $handed_in_on
 * @property string $by whoever handed it in
 * @property Money $cost with its shipping gift, of what has a known price
 * @property int $without_price how many pieces have none
 * @property string|null $docket the number that the desk gave
 * @property string|null $country where it was given out, two letters
 * @property Track|null $track what the drive told of its docket
 * @property string $searched everything by which it is found, in small letters
 * @property Collection<int, LogPiece> $pieces
 */
final class LogBox extends Model
{
    use BelongsToCrew;

    public const CREATED_AT = null;

    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $primaryKey = 'box_id';

    protected $keyType = 'string';

    protected $fillable = [
        'box_id', 'crew_id', 'number', 'theme', 'band', 'gender', 'season', 'handed_in_on', 'by', 'cost',
        'without_price', 'docket', 'country', 'searched',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'number' => 'integer', 'season' => 'integer', 'gender' => Gender::class, 'handed_in_on' => AsDay::class,
        'cost' => AsMoney::class, 'without_price' => 'integer',
    ];

    /** @return HasMany<LogPiece, $this> */
    public function pieces(): HasMany
    {
        $pieces = $this->hasMany(LogPiece::class, 'box_id');
        $pieces->orderBy('id');

        return $pieces;
    }

    /**
     * What is told of its docket; of another crew's boxes under the same number it is not.
     *
     * @return BelongsTo<Track, $this>
     */
    public function track(): BelongsTo
    {
        return $this->belongsTo(Track::class, 'docket', 'docket');
    }

    public function code(): BoxCode
    {
        return BoxCode::of($this->number);
    }
}

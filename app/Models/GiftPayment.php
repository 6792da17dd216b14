<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsDay;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PluckyWren\Core\Send\GiftState;

/**
 * One payment of the sending gifts of one box or several, or that the drive waived them.
 *
 * @property int $id
 * @property int $crew_id
 * @property GiftState $state
 * @property CarbonImmutable $settled_on
 * @property string|null $how it was paid, in the packer's words
 * @property string|null $reference by which the drive finds it
 * @property string $by whoever wrote it down
 * @property Collection<int, BoxGift> $boxes
 */
final class GiftPayment extends Model
{
    use BelongsToCrew;
    use Remembered;

    protected $fillable = ['crew_id', 'state', 'settled_on', 'how', 'reference', 'by'];

    /** @var array<string, string> */
    protected $casts = ['state' => GiftState::class, 'settled_on' => AsDay::class];

    /** @return HasMany<BoxGift, $this> */
    public function boxes(): HasMany
    {
        $boxes = $this->hasMany(BoxGift::class);
        $boxes->orderBy('number');

        return $boxes;
    }

    /** Get what it comes to, as it is written. */
    public function sum(): string
    {
        $sum = null;
        foreach ($this->boxes as $gift) {
            $sum = $sum === null ? $gift->amount : $sum->plus($gift->amount);
        }

        return $sum === null ? '' : $sum->format();
    }

    public function calledName(): string
    {
        return $this->settled_on->format('j M Y');
    }
}

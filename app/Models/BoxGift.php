<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsMoney;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PluckyWren\Core\Money\Money;

/**
 * What was paid for one box; it outlives the box, so it knows by which number and name it went.
 *
 * @property string $box_id
 * @property int $crew_id
 * @property int $gift_payment_id
 * @property int $number
 * @property string $theme
 * @property int $season
 * @property Money $amount paid, or waived
 * @property GiftPayment $payment
 */
final class BoxGift extends Model
{
    use BelongsToCrew;
    use Remembered;

    public const CREATED_AT = null;

    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $primaryKey = 'box_id';

    protected $keyType = 'string';

    protected $fillable = ['box_id', 'crew_id', 'gift_payment_id', 'number', 'theme', 'season', 'amount'];

    /** @var array<string, string> */
    protected $casts = ['number' => 'integer', 'season' => 'integer', 'amount' => AsMoney::class];

    /** @return BelongsTo<GiftPayment, $this> */
    public function payment(): BelongsTo
    {
        return $this->belongsTo(GiftPayment::class, 'gift_payment_id');
    }

    public function calledName(): string
    {
        return $this->theme;
    }
}

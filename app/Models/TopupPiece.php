<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsCurrency;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;

/**
 * What is in a top-up bag, with what its lot had cost when it went in.
 *
 * @property int $id
 * @property int $crew_id
 * @property int $bag_id
 * @property string|null $lot_id null where the lot is no longer there
 * @property string $name
 * @property string $kind
 * @property string|null $giver where it was given
 * @property int $quantity
 * @property int|null $paid_minor for the whole lot; null where nobody knows
 * @property int $pieces of the whole lot
 * @property Currency $currency
 */
final class TopupPiece extends Model
{
    use BelongsToCrew;
    use Remembered;

    protected $fillable = [
        'crew_id', 'bag_id', 'lot_id', 'name', 'kind', 'giver', 'quantity', 'paid_minor', 'pieces', 'currency',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'quantity' => 'integer', 'paid_minor' => 'integer', 'pieces' => 'integer', 'currency' => AsCurrency::class,
    ];

    public function calledName(): string
    {
        return $this->name;
    }

    /** Its share of what the lot cost; null where that is not known. */
    public function cost(): ?ExactAmount
    {
        return $this->paid_minor === null
            ? null
            : (new Money($this->paid_minor, $this->currency))->exactly()->dividedAmong($this->pieces)
                ->times($this->quantity);
    }
}

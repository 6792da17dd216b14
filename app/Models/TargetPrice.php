<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsMoney;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use Database\Factories\TargetPriceFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Target\TargetAmount;
use PluckyWren\Core\Stash\Catalogue;

/**
 * What the crew wants to pay for one piece of a kind, for one band or for all.
 *
 * @property int $crew_id
 * @property string $kind
 * @property string $band for which band, empty for all of them
 * @property Money $target what so many pieces may cost
 * @property int $pieces
 */
final class TargetPrice extends Model
{
    use BelongsToCrew;

    /** @use HasFactory<TargetPriceFactory> */
    use HasFactory;

    use Remembered;

    protected $fillable = ['crew_id', 'kind', 'band', 'target', 'pieces'];

    protected $attributes = ['pieces' => 1];

    /** @var array<string, string> */
    protected $casts = ['target' => AsMoney::class, 'pieces' => 'integer'];

    public function amount(): TargetAmount
    {
        return new TargetAmount($this->target, $this->pieces);
    }

    public function calledName(): string
    {
        return resolve(Catalogue::class)->get($this->kind)->name;
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsMoney;
use App\Models\Concerns\BelongsToCrew;
use Database\Factories\TargetPriceFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Money\Money;

/**
 * What the crew wants to pay for one piece of a kind, for one band or for all.
 *
 * @property int $crew_id
 * @property string $kind
 * @property string $band for which band, empty for all of them
 * @property Money $target
 */
final class TargetPrice extends Model
{
    use BelongsToCrew;

    /** @use HasFactory<TargetPriceFactory> */
    use HasFactory;

    protected $fillable = ['crew_id', 'kind', 'band', 'target'];

    /** @var array<string, string> */
    protected $casts = ['target' => AsMoney::class];
}

<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PluckyWren\Core\Box\Bench\Packed;
use PluckyWren\Core\Box\Bench\Press;
use PluckyWren\Core\Fit\Files\ResultFile;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Verdict;

/**
 * A box that is being packed: the plan that is followed, and what was done so far.
 *
 * @property string $box_id
 * @property int $crew_id
 * @property string $plan a result file
 * @property int $version counts every change, so that a press tells which step it saw
 * @property string|null $closed how the lid closed in the end
 * @property string|null $foretold how it was thought that it would close
 * @property int|null $proud_mm how far the pile stood above the rim before the lid pressed it
 * @property string|null $remark what was done otherwise
 * @property CarbonImmutable|null $closed_at
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $updated_at
 * @property Collection<int, BenchPress> $presses
 * @property Box $box
 */
final class Bench extends Model
{
    use BelongsToCrew;

    public $incrementing = false;

    protected $primaryKey = 'box_id';

    protected $keyType = 'string';

    protected $fillable = [
        'box_id', 'crew_id', 'plan', 'version', 'closed', 'foretold', 'proud_mm', 'remark', 'closed_at',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'version' => 'integer', 'proud_mm' => 'integer', 'closed_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Box, $this> */
    public function box(): BelongsTo
    {
        return $this->belongsTo(Box::class);
    }

    /** @return HasMany<BenchPress, $this> */
    public function presses(): HasMany
    {
        return $this->hasMany(BenchPress::class, 'box_id', 'box_id');
    }

    public function result(): Result
    {
        return ResultFile::read($this->plan, 'benches');
    }

    /** Get how the lid closed over just these things; null where that was not tried, or other things were in it. */
    public function lidOver(Problem $problem): ?Verdict
    {
        $packed = $this->closed === null ? [] : array_column($this->result()->placements, 'id', 'id');
        $singles = $problem->singles();
        $isSame = count($packed) === count($singles) && array_diff_key($packed, $singles) === [];

        return $isSame ? Verdict::tryFrom((string) $this->closed) : null;
    }

    public function packed(): Packed
    {
        return Packed::after(
            $this->presses->sortBy('id')->map(static fn (BenchPress $press): Press => $press->press())->all(),
        );
    }
}

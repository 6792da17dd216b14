<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use App\Reference\Kinds;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Box\Bench\Lesson;

/**
 * What a crew reckons with otherwise than it shipped, since its own boxes taught it so.
 *
 * @property int $id
 * @property int $crew_id
 * @property 'squeeze'|'lid' $what
 * @property string $kind the id of the kind of thing, or of box
 * @property int $value as `Lesson` has it
 * @property string $by
 * @property CarbonImmutable $updated_at
 */
final class Learned extends Model
{
    use BelongsToCrew;
    use Remembered;

    protected $table = 'learned';

    protected $fillable = ['crew_id', 'what', 'kind', 'value', 'by'];

    /** @var array<string, string> */
    protected $casts = ['value' => 'integer'];

    public function calledName(): string
    {
        $kinds = resolve(Kinds::class)->inHand();

        return $kinds->has($this->kind) ? $kinds->get($this->kind)->name : $this->kind;
    }

    public function isOfThings(): bool
    {
        return $this->what === Lesson::SQUEEZE;
    }
}

<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Box;
use Illuminate\Database\Eloquent\Model;

/**
 * A row that says something of a box, and goes by its name.
 *
 * @property string $box_id
 *
 * @phpstan-require-extends Model
 */
trait CalledAsItsBox
{
    public function calledName(): string
    {
        return Box::query()->find($this->box_id)->theme ?? '';
    }
}

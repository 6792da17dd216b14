<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Model;

/**
 * Holds a picture as text, in a table that takes no other.
 *
 * @property string $jpeg in base 64
 *
 * @phpstan-require-extends Model
 */
trait HoldsPhoto
{
    /** Get the JPEG itself. */
    public function picture(): string
    {
        return (string) base64_decode($this->jpeg, true);
    }
}

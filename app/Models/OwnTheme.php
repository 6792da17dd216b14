<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use Illuminate\Database\Eloquent\Model;

/**
 * What a theme is about to the crew, whichever box has it.
 *
 * @property int $crew_id
 * @property string $name in small letters
 * @property list<string> $words
 */
final class OwnTheme extends Model
{
    use BelongsToCrew;
    use Remembered;

    protected $fillable = ['crew_id', 'name', 'words'];

    /** @var array<string, string> */
    protected $casts = ['words' => 'array'];

    public function calledName(): string
    {
        return $this->name;
    }
}

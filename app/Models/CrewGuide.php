<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use App\Models\Concerns\Versioned;
use Carbon\CarbonImmutable;
use Database\Factories\CrewGuideFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;

/**
 * A drive guide that a crew keeps itself, as data; the file's shape is that of the shipped ones.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $slug
 * @property array<string, mixed> $data
 * @property CarbonImmutable|null $updated_at
 */
final class CrewGuide extends Model
{
    use BelongsToCrew;

    /** @use HasFactory<CrewGuideFactory> */
    use HasFactory;

    use Remembered;
    use Versioned;

    protected $fillable = ['crew_id', 'slug', 'data'];

    /** @var array<string, string> */
    protected $casts = ['data' => 'array', 'version' => 'integer'];

    protected $attributes = ['version' => 1];

    public function getRouteKeyName(): string
    {
        return 'slug';
    }

    public function calledName(): string
    {
        return is_string($name = $this->data['name'] ?? null) ? $name : $this->slug;
    }
}

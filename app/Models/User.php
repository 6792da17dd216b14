<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\ReadsQuickly;
use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property int $crew_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property string $role what they may do: a keeper also changes guide, budget and people
 * @property Crew $crew
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    use ReadsQuickly;

    public const MEMBER = 'member';

    public const KEEPER = 'keeper';

    protected $fillable = ['crew_id', 'name', 'email', 'password', 'role'];

    protected $attributes = ['role' => self::KEEPER];

    protected $hidden = ['password', 'remember_token'];

    /** @var array<string, string> */
    protected $casts = ['password' => 'hashed'];

    /** @return BelongsTo<Crew, $this> */
    public function crew(): BelongsTo
    {
        return $this->belongsTo(Crew::class);
    }

    public function isKeeper(): bool
    {
        return $this->role === self::KEEPER;
    }
}

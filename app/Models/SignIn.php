<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\KeyedByUlid;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * A browser in which somebody is signed in; without its row it is signed out at its next request.
 *
 * @property string $id
 * @property int $crew_id
 * @property int $user_id
 * @property string $device `phone`, `tablet` or `computer`, as far as the browser says
 * @property CarbonImmutable $seen_at
 * @property CarbonImmutable $created_at
 */
final class SignIn extends Model
{
    use BelongsToCrew;
    use KeyedByUlid;

    public const UPDATED_AT = null;

    protected $fillable = ['crew_id', 'user_id', 'device', 'seen_at'];

    /** @var array<string, string> */
    protected $casts = ['seen_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];

    /**
     * Query those of one person, the latest seen first; whoever is signing in has no crew in hand yet.
     *
     * @return Builder<self>
     */
    public static function of(User $user): Builder
    {
        $query = self::query()->withoutGlobalScopes();
        $query->where('user_id', $user->id)->orderByDesc('seen_at')->orderByDesc('id');

        return $query;
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Support\LinkToken;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * A link by which one more comes into the crew: once, within a week.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $token_hash
 * @property string $role
 * @property string $by
 * @property CarbonImmutable $ends_at
 * @property CarbonImmutable|null $used_at
 */
final class Invite extends Model
{
    use BelongsToCrew;

    public const ENDS_AFTER_DAYS = 7;

    public const UPDATED_AT = null;

    protected $fillable = ['crew_id', 'token_hash', 'role', 'by', 'ends_at', 'used_at'];

    /** @var array<string, string> */
    protected $casts = ['ends_at' => 'immutable_datetime', 'used_at' => 'immutable_datetime'];

    /** Get the invite of a link, of whatever crew; null where it ended, was used, or never was. */
    public static function ofLink(string $token): ?self
    {
        $query = self::query()->withoutGlobalScopes();
        $query->where('token_hash', LinkToken::hash($token));
        self::open($query);

        return $query->first();
    }

    /**
     * Narrow a query to those that can still be used.
     *
     * @param  Builder<self>  $query
     */
    public static function open(Builder $query): void
    {
        $query->whereNull('used_at')->where('ends_at', '>', now()->toDateTimeString());
    }
}

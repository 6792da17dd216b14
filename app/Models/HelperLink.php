<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Support\LinkToken;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A link by which whoever has it sees one list of the crew, to look and to tick, until it is revoked.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $token_hash
 * @property string $shows `shopping` or `evening`
 * @property string $by
 * @property CarbonImmutable|null $revoked_at
 * @property CarbonImmutable $created_at
 */
final class HelperLink extends Model
{
    use BelongsToCrew;

    public const SHOWS = ['shopping', 'evening'];

    public const UPDATED_AT = null;

    protected $fillable = ['crew_id', 'token_hash', 'shows', 'by', 'revoked_at'];

    /** @var array<string, string> */
    protected $casts = ['revoked_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];

    /** Get the link of a token, of whatever crew; null where it was revoked or never was. */
    public static function ofToken(string $token): ?self
    {
        $query = self::query()->withoutGlobalScopes();
        $query->where('token_hash', LinkToken::hash($token))->whereNull('revoked_at');

        return $query->first();
    }
}

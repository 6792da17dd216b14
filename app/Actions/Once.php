<?php

declare(strict_types=1);

namespace App\Actions;

use App\Crews\CrewInHand;
use App\Refusals\AlreadyDone;
use Illuminate\Support\Facades\DB;
use LogicException;

/**
 * Makes a deed happen once, however often its form is sent: the key that the form carries is kept together with what
 * the deed makes.
 */
final class Once
{
    /** Nobody sends the same form again after so many days. */
    private const KEPT_DAYS = 7;

    /**
     * Whether this request has taken its key: a mark on the request, as the deeds it is made of are made ready at
     * different times.
     */
    private const CLAIMED = 'once.claimed';

    /**
     * Take the key within the deed's own transaction; within one request that is done once, whatever the deed is made
     * of.
     *
     * @throws AlreadyDone If the same form was sent before.
     */
    public function claim(): void
    {
        [$crewId, $key] = [resolve(CrewInHand::class)->id(), self::key()];
        if ($key === '' || $crewId === null || request()->attributes->has(self::CLAIMED)) {
            return;
        }
        DB::transactionLevel() > 0
            || throw new LogicException('A key is kept together with what it stands for, in one transaction.');
        DB::table('once_keys')->where('created_at', '<', now()->subDays(self::KEPT_DAYS)->toDateTimeString())->delete();
        $isFirst = DB::table('once_keys')->insertOrIgnore([
            'crew_id' => $crewId,
            'key' => $key,
            'created_at' => now()->toDateTimeString(),
        ]) === 1;
        if (! $isFirst) {
            $kept = DB::table('once_keys')->where('crew_id', $crewId)->where('key', $key)->first();
            throw new AlreadyDone(
                is_string($kept?->address) ? $kept->address : null,
                is_string($kept?->said) ? $kept->said : null,
            );
        }
        request()->attributes->set(self::CLAIMED, true);
    }

    /** Keep where the deed led and what was said, for whoever sends the form again. */
    public function answered(string $address, string $said): void
    {
        if (request()->attributes->has(self::CLAIMED)) {
            DB::table('once_keys')
                ->where('crew_id', resolve(CrewInHand::class)->id())
                ->where('key', self::key())
                ->update(['address' => $address, 'said' => $said]);
        }
    }

    private static function key(): string
    {
        $key = request()->input('once');

        return is_string($key) ? mb_substr($key, 0, 80) : '';
    }
}

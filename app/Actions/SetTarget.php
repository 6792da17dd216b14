<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\TargetPrice;
use App\Models\User;
use App\Refusals\ChangedMeanwhile;
use App\Words\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Money\Target\TargetAmount;

/** Sets what a kind may cost, for all children or for those of one band. */
final class SetTarget
{
    /**
     * @param  string  $band  empty for all children
     * @param  TargetAmount|null  $target  null takes it away, so that the best price so far stands for it
     * @param  string|null  $was  as it was typed where the form was opened; null where the form did not say
     *
     * @throws ChangedMeanwhile If someone else changed it since.
     */
    public function execute(User $user, string $kind, string $band, ?TargetAmount $target, ?string $was): void
    {
        DB::transaction(static function () use ($user, $kind, $band, $target, $was): void {
            $now = self::of($kind, $band)->first()?->amount();
            $was === null
                || $was === ($now?->typed() ?? '')
                || throw ChangedMeanwhile::value($now?->each()->format() ?? Words::of('gather/money.no-budget'));
            if ($target === null || $target->paid->isZero()) {
                self::of($kind, $band)->first()?->delete();
            } else {
                TargetPrice::query()->updateOrCreate(
                    ['crew_id' => $user->crew_id, 'kind' => $kind, 'band' => $band],
                    ['target' => $target->paid, 'pieces' => $target->pieces],
                );
            }
        });
    }

    /** @return Builder<TargetPrice> */
    private static function of(string $kind, string $band): Builder
    {
        $query = TargetPrice::query();
        $query->where('kind', $kind)->where('band', $band);

        return $query;
    }
}

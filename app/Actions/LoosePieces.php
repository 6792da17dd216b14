<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use PluckyWren\Core\Stash\Preparation\Prepared;

/**
 * What was done to the pieces of a lot that no box has: it goes into a box with them, and comes out with them. Called
 * within the deed that moves the pieces; it leaves no trace of its own, and does not make the lot another version.
 */
final class LoosePieces
{
    /** Take so many out of a lot, those first that most was done to, and get what was done to them. */
    public static function take(string $lotId, int $pieces): Prepared
    {
        $loose = self::of($lotId);
        $taken = $loose->best($pieces);
        self::keep($lotId, $loose->minus($taken));

        return $taken;
    }

    /** Put pieces back that were prepared so. */
    public static function giveBack(?string $lotId, Prepared $prepared): void
    {
        if ($lotId !== null && ! $prepared->isNothing()) {
            self::keep($lotId, self::of($lotId)->plus($prepared));
        }
    }

    /** Take pieces out that are prepared just so, as an undo does. */
    public static function takeAgain(?string $lotId, Prepared $prepared): void
    {
        if ($lotId !== null && ! $prepared->isNothing()) {
            self::keep($lotId, self::of($lotId)->minus($prepared));
        }
    }

    private static function of(string $lotId): Prepared
    {
        $stored = Lot::query()->toBase()->where('id', $lotId)->value('prepared');

        return Prepared::ofData((array) json_decode(is_string($stored) ? $stored : '[]', true, 5, JSON_THROW_ON_ERROR));
    }

    private static function keep(string $lotId, Prepared $prepared): void
    {
        Lot::query()->toBase()->where('id', $lotId)->update([
            'prepared' => json_encode($prepared->data(), JSON_THROW_ON_ERROR),
        ]);
    }
}

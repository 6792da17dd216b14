<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\NotEnoughLeft;
use PluckyWren\Core\Stash\Preparation\Prepared;

/**
 * Pieces that leave their lot to become part of something else, with what was paid for them and what was done to them;
 * and that come back. Called within the deed that moves them.
 *
 * @phpstan-type TakenPart array{
 *     row: array<string, mixed>, state: PriceState, paid: Money|null, list: Money|null, prepared: Prepared,
 * }
 */
final readonly class LotParts
{
    public function __construct(private ChangeLot $changeLot, private LotHistory $history) {}

    /**
     * @return TakenPart the lot's row as it was, and the share of what leaves it: null where it cost nothing, or nobody
     *     knows
     *
     * @throws NotEnoughLeft If fewer are on hand.
     */
    public function takeOff(string $lotId, int $pieces): array
    {
        $lot = Lot::withSetAside()->whereKey($lotId)->firstOrFail();
        $lot->stock()->losing($pieces);
        $row = array_diff_key($lot->getRawOriginal(), ['set_aside' => true]);
        $prepared = LoosePieces::take($lotId, $pieces);
        $share = array_map(
            static fn (?Money $amount): ?Money => $amount?->isZero() === true ? null : $amount,
            $lot->partOff($pieces),
        );
        if ($lot->pieces > 0) {
            $this->changeLot->correct($lot, 'into-kit', ['_prepared' => $prepared->data()]);
        } else {
            // Its row is kept with what it became part of, and comes back with its pieces.
            $this->history->goes((new Lot)->newFromBuilder($row));
            Lot::query()->whereKey($lot->id)->delete();
        }

        return ['row' => $row, 'state' => $lot->price_state, ...$share, 'prepared' => $prepared];
    }

    /** @param array<string, mixed> $row of the lot as it was, for where it is not there any more */
    public function putBack(
        string $lotId,
        array $row,
        int $pieces,
        ?Money $paid,
        ?Money $list,
        Prepared $prepared,
    ): void {
        $lot = Lot::query()->whereKey($lotId)->first();
        $there = $lot->pieces ?? 0;
        [$paid, $listed] = [self::sum($lot?->paid, $paid), self::sum($lot?->list, $list)];
        if ($lot === null) {
            $lot = new Lot;
            $lot->setRawAttributes([...$row, 'gone' => 0, 'prepared' => '[]', 'list_minor' => null]);
            $lot->exists = false;
        }
        [$lot->pieces, $lot->list] = [$there + $pieces, $listed];
        if ($lot->price_state !== PriceState::Unknown) {
            $lot->fill(['paid' => $paid, 'price_state' => $paid === null ? PriceState::Free : PriceState::Paid]);
        }
        $wasThere = $lot->exists;
        $wasThere ? $this->changeLot->correct($lot, 'out-of-kit', ['_prepared' => $prepared->data()]) : $lot->save();
        LoosePieces::giveBack($lotId, $prepared);
        $wasThere || $this->history->came($lot->refresh());
    }

    private static function sum(?Money $one, ?Money $other): ?Money
    {
        return $one === null || $other === null ? $one ?? $other : $one->plus($other);
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Lot;
use App\Refusals\CannotChangeBox;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Puts several things into a box in one act, which is undone in one. */
final readonly class FillAtOnce
{
    public function __construct(
        private FillBox $fillBox,
        private BoxHistory $history,
        private Once $once,
        private Catalogue $catalogue,
    ) {}

    /**
     * @param  array<string, int>  $counts  how many of each lot, by its id
     * @param  array<string, int>  $toBuy  how many of each kind go on the list of what is still to buy, by its id
     * @return int how many things
     *
     * @throws NotEnoughLeft If of one there are fewer on hand: then nothing is put in.
     * @throws CannotChangeBox If the lid is on.
     */
    public function execute(Box $box, array $counts, array $toBuy = []): int
    {
        return $this->history->of($box, 'filled', function () use ($box, $counts, $toBuy): int {
            $this->once->claim();
            $lots = Lot::query()->whereKey(array_keys($counts))->get();
            foreach ($lots as $lot) {
                $this->fillBox->pick($box, $lot, $counts[$lot->id]);
            }

            foreach ($toBuy as $kind => $count) {
                $this->fillBox->list($box, $this->catalogue->get($kind), $count);
            }

            return $lots->count() + count($toBuy);
        });
    }
}

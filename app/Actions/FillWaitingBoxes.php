<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Queries\WaitingMoves;
use App\Refusals\CannotChangeBox;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Puts what has come in into the boxes that wait for it. */
final readonly class FillWaitingBoxes
{
    public function __construct(private WaitingMoves $waitingMoves, private FillBox $fillBox, private Once $once) {}

    /**
     * Put all of it into the boxes that wait for it, in one act.
     *
     * @return int how many pieces were put in
     *
     * @throws NotEnoughLeft Never, as no more is set aside than there is.
     * @throws CannotChangeBox If a box would hold more than any does.
     */
    public function execute(): int
    {
        return DB::transaction(function (): int {
            $this->once->claim();
            $moves = $this->waitingMoves->all();
            foreach ($moves as $move) {
                $this->fillBox->pick($move['box'], $move['lot'], $move['count']);
            }

            return array_sum(array_column($moves, 'count'));
        });
    }
}

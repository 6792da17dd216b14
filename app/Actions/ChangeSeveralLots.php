<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Lot;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Does the same with many lots in one step: all of it, or nothing. */
final readonly class ChangeSeveralLots
{
    public function __construct(private FillBox $fillBox) {}

    /**
     * @param  list<Lot>  $lots
     * @param  string  $tag  one more for each; empty for none
     * @param  string  $kept  where they are kept from now on; empty to leave that
     * @param  Box|null  $box  gets one of each
     *
     * @throws NotEnoughLeft If there is none left of one of them.
     * @throws CannotChangeBox If the box's lid is on.
     */
    public function execute(array $lots, string $tag, string $kept, ?Box $box): void
    {
        DB::transaction(function () use ($lots, $tag, $kept, $box): void {
            foreach ($lots as $lot) {
                if ($tag !== '') {
                    $lot->tag($tag);
                }
                if ($kept !== '') {
                    $lot->kept = $kept;
                }
                $lot->save();
                if ($box !== null) {
                    $this->fillBox->pick($box, $lot, 1);
                }
            }
        });
    }
}

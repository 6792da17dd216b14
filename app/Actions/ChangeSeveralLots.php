<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Lot;
use App\Refusals\CannotChangeBox;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Does the same with many lots in one step: all of it, or nothing. */
final readonly class ChangeSeveralLots
{
    public function __construct(private FillBox $fillBox, private ChangeLot $changeLot, private Once $once) {}

    /**
     * @param  list<Lot>  $lots
     * @param  string  $tag  one more for each; empty for none
     * @param  array<string, mixed>  $corrections  what becomes the same of all: where they are kept, say, or where they
     *     are from
     * @param  Box|null  $box  gets one of each
     *
     * @throws NotEnoughLeft If there is none left of one of them.
     * @throws CannotChangeBox If the box's lid is on.
     */
    public function execute(array $lots, string $tag, array $corrections, ?Box $box): void
    {
        DB::transaction(function () use ($lots, $tag, $corrections, $box): void {
            $this->once->claim();
            foreach ($lots as $stale) {
                $lot = Lot::query()->findOrFail($stale->id);
                if ($tag !== '') {
                    $lot->tag($tag);
                }
                $this->changeLot->correct($lot->fill($corrections));
                if ($box !== null) {
                    $this->fillBox->pick($box, $lot, 1);
                }
            }
        });
    }
}

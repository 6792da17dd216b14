<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Crew;
use App\Reference\Guides;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Season\Season;

/**
 * Puts a new box on the shelf under the crew's next number, and lists what its guide asks for where that is wished:
 * both, or neither.
 */
final readonly class PlanBox
{
    public function __construct(private Guides $guides, private FillBox $fillBox, private Once $once) {}

    /** @param list<string> $leftBehind ids of what was left for it, to be picked at once */
    public function execute(Crew $crew, Box $box, bool $isFromGuide = false, array $leftBehind = []): Box
    {
        return DB::transaction(function () use ($crew, $box, $isFromGuide, $leftBehind): Box {
            $this->once->claim();
            $box->crew_id = $crew->id;
            $box->number = 1 + (int) Box::query()->where('crew_id', $crew->id)->max('number');
            $box->season = Season::of($this->guides->current()->terms->handIn, $crew->today())->year;
            $box->save();
            if ($isFromGuide) {
                $this->fillBox->listWhatLacks($box);
            }
            foreach (KeepForNext::chosen($leftBehind) as [$lot, $count]) {
                $this->fillBox->pick($box, $lot, $count);
            }

            return $box;
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Models\BoxTheme;
use App\Models\Crew;
use App\Models\Idea;
use App\Models\Lot;
use PluckyWren\Core\Season\Season;
use PluckyWren\Core\Stash\Catalogue;

/**
 * Puts a new box on the shelf under the crew's next number, and lists what its guide asks for where that is wished:
 * both, or neither.
 */
final readonly class PlanBox
{
    public function __construct(
        private KeepIdea $keepIdea,
        private CrewInHand $hand,
        private FillBox $fillBox,
        private Once $once,
        private BoxHistory $history,
        private Catalogue $catalogue,
    ) {}

    /**
     * @param  list<string>  $leftBehind  ids of what was left for it, to be picked at once
     * @param  Idea|null  $idea  with what is held for it and what is wished; it is done with
     */
    public function execute(
        Crew $crew,
        Box $box,
        bool $isFromGuide = false,
        array $leftBehind = [],
        ?Idea $idea = null,
    ): Box {
        $box->crew_id = $crew->id;
        $box->id ??= $box->newUniqueId();

        return $this->history->of($box, 'planned', function () use (
            $crew,
            $box,
            $isFromGuide,
            $leftBehind,
            $idea,
        ): Box {
            $this->once->claim();
            $box->number = 1 + (int) Box::query()->where('crew_id', $crew->id)->max('number');
            $box->season = Season::of($this->hand->guide()->terms->handIn, $crew->today())->year;
            $box->save();
            if ($isFromGuide) {
                $this->fillBox->listWhatLacks($box);
            }
            foreach (KeepForNext::chosen($leftBehind) as [$lot, $count]) {
                $this->fillBox->pick($box, $lot, $count);
            }
            if ($idea !== null) {
                $this->takeOver($box, $idea);
            }

            return $box;
        });
    }

    /** Pick what is held for an idea, as far as it still lies free, list what is wished, and be done with it. */
    private function takeOver(Box $box, Idea $idea): void
    {
        foreach ($idea->things()->orderBy('id')->get() as $thing) {
            $lot = Lot::withSetAside()->whereKey($thing->lot_id)->firstOrFail();
            $count = min($thing->quantity, $lot->stock()->left(), FillBox::MOST_OF_ONE);
            if ($count > 0) {
                $this->fillBox->pick($box, $lot, $count);
            }
        }
        foreach ($idea->wishes as $wish) {
            $kind = $this->catalogue->named($wish);
            if ($kind !== null) {
                $this->fillBox->list($box, $kind, 1);
            }
        }
        BoxTheme::query()->create([
            'box_id' => $box->id, 'crew_id' => $box->crew_id, 'words' => $idea->words, 'without' => $idea->without,
            'seed_lot_id' => $idea->seed_lot_id,
        ]);
        $this->keepIdea->drop($idea);
    }
}

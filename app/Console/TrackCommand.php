<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\AskTracking;
use App\Crews\CrewInHand;
use App\Models\Crew;
use Illuminate\Console\Command;

/** For a timer, every quarter of an hour: asks about what is due, crew by crew. */
final class TrackCommand extends Command
{
    private const A_CREW = 200;

    protected $signature = 'wren:track';

    protected $description = 'Ask the drive what became of the boxes that were handed in';

    public function handle(AskTracking $askTracking, CrewInHand $crewInHand): int
    {
        $asked = 0;
        foreach (Crew::query()->get()->sortBy('id') as $crew) {
            $crewInHand->take($crew);
            $asked += $askTracking->due($crew, self::A_CREW);
        }
        $this->line("Asked about {$asked} dockets.");

        return self::SUCCESS;
    }
}

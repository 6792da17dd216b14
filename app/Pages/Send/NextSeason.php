<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Models\Crew;
use App\Models\CrewSeason;
use App\Models\TargetPrice;
use App\Queries\MonthPrices;
use App\Queries\OnHand;
use App\Queries\SeasonBoxes;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Season\Season;
use PluckyWren\Core\Season\TargetMove;
use PluckyWren\Core\Stash\Catalogue;

/** What the next season begins with, as it is proposed. */
final readonly class NextSeason
{
    /** So long after the window the season that is over is still the one that is looked back at. Days. */
    private const AFTER = 200;

    /**
     * @param  Season  $over  the season that is looked back at
     * @param  int  $year  of the one that begins
     * @param  array<string, int>  $goals  by band: what was set last, else what was handed in
     * @param  array<string, int>  $handedIn  by band, in the season that is over
     * @param  list<array{name: string, move: TargetMove}>  $moves
     * @param  int  $open  boxes that are taken along
     * @param  int  $left  pieces that lie free
     */
    private function __construct(
        public Season $over,
        public int $year,
        public ?CrewSeason $started,
        public array $goals,
        public array $handedIn,
        public ?Money $budget,
        public array $moves,
        public int $open,
        public int $left,
    ) {}

    public static function of(Crew $crew, CrewInHand $hand): self
    {
        $guide = $hand->guide();
        $handIn = $guide->terms->handIn;
        $today = $crew->today();
        // While the window is near, and for a good while after it, "next" is the one after that window.
        $over = Season::ofHandingIn($handIn, $today);
        $now = Season::of($handIn, $today);
        if ($over->year === $now->year && (int) $today->diff($now->to)->format('%r%a') > self::AFTER) {
            $over = Season::closingIn($handIn, $now->year - 1);
        }
        $handedIn = array_count_values(array_column(SeasonBoxes::all()[$over->year] ?? [], 'band'));
        $bands = array_map(static fn ($band): string => $band->id(), $guide->audience->bands);
        $set = CrewSeason::query()->where('year', $over->year)->first();
        $goals = [];
        foreach ($bands as $band) {
            $goals[$band] = $set->goals[$band] ?? $handedIn[$band] ?? 0;
        }

        return new self(
            $over,
            $over->year + 1,
            CrewSeason::query()->where('year', $over->year + 1)->where('started_on', '>', '')->first(),
            $goals,
            array_intersect_key($handedIn, array_flip($bands)),
            $crew->season_budget,
            self::moves($crew, $over),
            Box::query()->where('season', '<=', $over->year)->whereNot('stage', Stage::HandedIn)->count(),
            array_sum(OnHand::byKind()),
        );
    }

    /** @return list<array{name: string, move: TargetMove}> by name */
    private static function moves(Crew $crew, Season $over): array
    {
        $paid = MonthPrices::between($over->from->format('Y-m-d'), $over->to->format('Y-m-d'), $crew->currency);
        $moves = [];
        foreach (TargetPrice::query()->where('band', '')->get() as $target) {
            [$minor, $pieces] = $paid[$target->kind] ?? [0, 0];
            $each = $pieces === 0 ? null : (new Money($minor, $crew->currency))->exactly()->dividedAmong($pieces);
            $move = $each === null ? null : TargetMove::of($target->kind, $target->amount(), $each);
            if ($move !== null) {
                $moves[] = ['name' => resolve(Catalogue::class)->get($target->kind)->name, 'move' => $move];
            }
        }
        usort($moves, static fn (array $a, array $b): int => $a['name'] <=> $b['name']);

        return $moves;
    }
}

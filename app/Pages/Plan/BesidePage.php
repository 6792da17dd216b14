<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\Lot;
use App\Words\GaugeWords;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Support\Collection;
use PluckyWren\Core\Box\Beside\BesideRow;
use PluckyWren\Core\Box\Beside\NeedRow;
use PluckyWren\Core\Box\Beside\SideBySide;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Guide\NeedsFilled;
use PluckyWren\Core\Guide\Rules\RuleBook;

/** Several open boxes next to each other. */
final readonly class BesidePage
{
    public const MOST = 8;

    private const MOST_OPEN = 60;

    private const MOST_LOTS = 400;

    /**
     * @param  Collection<int, Box>  $open  all that are open, by number
     * @param  Collection<int, Box>  $boxes  those that are looked at
     * @param  array<string, Gauges>  $gauges  by the box's id
     * @param  list<BesideRow>  $rows
     * @param  list<NeedRow>  $missing
     * @param  Collection<int, Lot>  $lots  of which something lies free
     */
    private function __construct(
        public Collection $open,
        public Collection $boxes,
        private array $gauges,
        public array $rows,
        public array $missing,
        public Collection $lots,
    ) {}

    /** @param  list<string>  $asked  ids of the boxes to look at; where there are none, the first ones */
    public static function of(array $asked, RuleBook $rules): self
    {
        $open = self::open();
        $boxes = $open->filter(static fn (Box $box): bool => in_array($box->id, $asked, true))->values();
        $boxes = ($boxes->isEmpty() ? $open : $boxes)->take(self::MOST);
        EloquentCollection::make($boxes)->load(Box::CONTENTS);
        $plans = $gauges = [];
        foreach ($boxes as $box) {
            $plans[$box->id] = $box->plan();
            $gauges[$box->id] = Gauges::of($plans[$box->id], null, $rules);
        }
        $lots = Lot::withSetAside();
        $lots->whereNull('due_on')->whereRaw(Lot::HAS_SOME_LEFT)->orderBy('name')->limit(self::MOST_LOTS);

        return new self(
            $open,
            $boxes,
            $gauges,
            (new SideBySide($plans))->rows(),
            NeedRow::missing(array_map(static fn (Gauges $of): NeedsFilled => $of->mustHaves, $gauges)),
            $lots->get()->toBase(),
        );
    }

    /** @return Collection<int, Box> that are open, by number; without their contents */
    private static function open(): Collection
    {
        $boxes = Box::stillOpen();
        $boxes->orderBy('number')->limit(self::MOST_OPEN);

        return $boxes->get()->toBase();
    }

    public function says(Box $box): GaugeWords
    {
        return new GaugeWords($this->gauges[$box->id]);
    }
}

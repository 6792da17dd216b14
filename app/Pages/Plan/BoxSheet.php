<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\KeptAnswers;
use App\Models\Piece;
use App\Pages\Gather\Prices;
use PluckyWren\Core\Box\Carton;
use PluckyWren\Core\Box\CostsThen;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\Holders;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Guide\Overruled;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Money\Level\PriceRange;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\ItemKind;

/** Everything that is shown of one box, on its sheet, on the shelf and on paper. */
final class BoxSheet
{
    /** @var array<string, PlannedPiece> by the piece's id */
    private readonly array $planned;

    public readonly SheetPacking $packing;

    /** @var array<string, Piece>|null by their ids */
    private ?array $pieces = null;

    /** @var array<string, string>|null */
    private ?array $needNames = null;

    /** @var array<string, list<Piece>>|null */
    private ?array $riders = null;

    public function __construct(
        public readonly Box $box,
        public readonly Plan $plan,
        public readonly Gauges $gauges,
        public readonly Problem $problem,
        private readonly Prices $prices,
        public readonly bool $mayImprove = false,
    ) {
        $this->planned = array_column($plan->pieces, null, 'id');
        $this->packing = new SheetPacking($box, $plan, $this->planned, $gauges->room, $problem);
    }

    /** Determine if nobody has tried yet how it goes in, and it can be. */
    public function mayBeTried(): bool
    {
        return $this->gauges->room->isUntried() && $this->box->handedIn() === null;
    }

    /** What it may cost once what has no price yet has one; null where all is known, or nothing can be said. */
    public function costsThen(): ?CostsThen
    {
        $isOpen = $this->gauges->money->isOnlyTheLeast() && $this->box->stage->isOpen();

        return $isOpen
            ? CostsThen::of(
                $this->plan,
                $this->gauges->money,
                fn (ItemKind $kind): ?PriceRange => $this->prices->range($kind),
            )
            : null;
    }

    /** @return list<Piece> those of a lane, and after each what rides in it, of whatever lane that is */
    public function lane(Category $category): array
    {
        $rows = [];
        foreach ($this->box->contents() as $piece) {
            $isOfLane = $this->planned[$piece->id]->kind->category === $category;
            if ($isOfLane && ! $this->isRider($piece)) {
                array_push($rows, $piece, ...$this->riders()[$piece->id] ?? []);
            }
        }

        return $rows;
    }

    /** Determine if a piece rides in another. */
    public function isRider(Piece $piece): bool
    {
        return $this->plan->pieceIn($this->planned[$piece->id]) !== null;
    }

    /** @return array<string, list<Piece>> by the id of what they ride in */
    private function riders(): array
    {
        if ($this->riders === null) {
            $this->riders = [];
            foreach ($this->box->contents() as $piece) {
                $holder = $this->plan->pieceIn($this->planned[$piece->id]);
                if ($holder !== null) {
                    $this->riders[$holder->id][] = $piece;
                }
            }
        }

        return $this->riders;
    }

    /** @return array<string, string> names of the pieces that a piece may ride in, by their ids */
    public function holdersFor(Piece $piece): array
    {
        return array_column((new Holders($this->plan))->likelyFor($this->planned[$piece->id]), 'name', 'id');
    }

    /** @return array<string, string> names of what the guide asks of this child, and wishes, by the id of the need */
    public function needNames(): array
    {
        return $this->needNames ??= array_column(array_filter(
            [...$this->plan->guide->needs, ...$this->plan->guide->wishes],
            fn (Need $need): bool => $need->countFor($this->plan->recipient) > 0,
        ), 'name', 'id');
    }

    /**
     * @return list<Finding> what is flagged and rests on several pieces or none, so that it stands beside none of them;
     *     tips stay on the screen
     */
    public function toldApart(): array
    {
        $flags = $this->gauges->flags->ofWeight(Weight::Bar, Weight::Hazard, Weight::Ask)->all;

        return array_values(array_filter($flags, static fn (Finding $finding): bool => count($finding->pieces) !== 1));
    }

    /** @return list<Overruled> the same of what was left with a reason, what is missing included */
    public function leftApart(): array
    {
        $left = [...$this->gauges->missing->overruled, ...$this->gauges->flags->overruled];

        return array_values(
            array_filter($left, static fn (Overruled $one): bool => count($one->finding->pieces) !== 1),
        );
    }

    /** @return array{by: string, at: string}|null who left a finding, and when; null where nobody knows any more */
    public function answerBehind(Overruled $left): ?array
    {
        return array_column(KeptAnswers::of($this->box)->here(), null, 'key')[$left->key] ?? null;
    }

    /** @return array{string, bool} the label that a finding is about, and whether it is of shoes */
    public function unreadLabel(Finding $finding): array
    {
        foreach ($this->plan->pieces as $piece) {
            if ($piece->id === $finding->pieces[0]) {
                return [(string) $piece->thing->sizeLabel, $piece->kind->care->isShoes];
            }
        }

        return ['', false];
    }

    /** Get how many findings can be left with a reason. */
    public function canBeLeft(): int
    {
        return count(array_filter(
            [...$this->gauges->flags->all, ...$this->gauges->missing->all],
            static fn (Finding $finding): bool => $finding->canBeOverruled,
        ));
    }

    /** Get a piece of the box by its id, as it is or as it was when the box was handed in. */
    public function piece(string $id): Piece
    {
        $this->pieces ??= $this->box->contents()->keyBy('id')->all();

        return $this->pieces[$id];
    }

    /** Get what is to be done next with it. */
    public function next(): NextStep
    {
        return NextStep::of($this);
    }

    /** Determine if everything that is there lies on the table. */
    public function isLaidOut(): bool
    {
        return $this->box->contents()->every(
            static fn (Piece $piece): bool => $piece->is_laid_out || $piece->isToBuy(),
        );
    }

    public function colourNames(): string
    {
        $names = resolve(ColourNames::class);

        return implode(
            ', ',
            array_map(static fn (Colour $colour): string => $names->nameOf($colour), $this->box->palette->colours),
        );
    }

    /** Get how many of a kind would be put into this box: as many as are on its list to buy, or as are usual. */
    public function suggestedCount(?ItemKind $kind): int
    {
        foreach ($this->planned as $piece) {
            if ($piece->isToBuy() && $piece->kind->id === $kind?->id) {
                return $piece->quantity;
            }
        }

        return $kind?->usualCount($this->box->recipient()->band) ?? 1;
    }

    /** Get what a lane costs; with the other lanes and the sending gift it adds up to the total. */
    public function laneCost(Category $category): ?Money
    {
        return $this->gauges->money->byCategory[$category->value] ?? null;
    }

    /**
     * Get the kind that a remedy proposes: of several that will do, one that raises no question itself.
     *
     * @param  non-empty-list<string>  $kinds
     */
    public function kindToOffer(array $kinds): string
    {
        return resolve(StartingList::class)->best($kinds, $this->plan);
    }

    public function kindName(string $kind): string
    {
        return resolve(Catalogue::class)->get($kind)->name;
    }

    /** Get a piece as the core knows it. */
    public function planned(Piece $piece): PlannedPiece
    {
        return $this->planned[$piece->id];
    }

    /** Get how many boxes of this size the drive's carton holds. */
    public function toACarton(): int
    {
        return (new Carton($this->plan->guide->terms->carton))->holds($this->plan->boxKind->outside);
    }

    /** @return array<string, PlannedPiece> those that someone wants packed in a way of their own, by id */
    public function wished(): array
    {
        return array_filter(
            $this->planned,
            static fn (PlannedPiece $piece): bool => ! $piece->choices->packing->isNothing(),
        );
    }
}

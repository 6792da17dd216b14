<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\KeptAnswers;
use App\Models\Piece;
use App\Pages\Gather\Prices;
use App\Words\LengthWords;
use App\Words\MoveWords;
use App\Words\Words;
use PluckyWren\Core\Box\Carton;
use PluckyWren\Core\Box\CostsThen;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\Holders;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Fit\Answer\Caution;
use PluckyWren\Core\Fit\Answer\Cautions;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Drawing\Elevation;
use PluckyWren\Core\Fit\Drawing\Hollow;
use PluckyWren\Core\Fit\Drawing\Look;
use PluckyWren\Core\Fit\Drawing\QuarterTurn;
use PluckyWren\Core\Fit\Drawing\RestingPile;
use PluckyWren\Core\Fit\Kept;
use PluckyWren\Core\Fit\Moves\Move;
use PluckyWren\Core\Fit\Moves\Shifted;
use PluckyWren\Core\Fit\Moves\Whereby;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\RestHeights;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Guide\Overruled;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Money\Level\PriceRange;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\FilledThing;
use PluckyWren\Core\Stash\ItemKind;

/** Everything that is shown of one box, on its sheet, on the shelf and on paper. */
final class BoxSheet
{
    /** @var array<string, PlannedPiece> by the piece's id */
    private readonly array $planned;

    /** @var array<string, Piece>|null by their ids */
    private ?array $pieces = null;

    private ?Drawing $drawing = null;

    /** @var list<Placement>|null */
    private ?array $packingOrder = null;

    /** @var list<Move>|null */
    private ?array $moves = null;

    private ?MoveWords $moveWords = null;

    private ?Holders $holders = null;

    /** @var array<string, string>|null */
    private ?array $needNames = null;

    public function __construct(
        public readonly Box $box,
        public readonly Plan $plan,
        public readonly Gauges $gauges,
        public readonly Problem $problem,
        private readonly Prices $prices,
        public readonly bool $mayImprove = false,
    ) {
        $this->planned = array_column($plan->pieces, null, 'id');
    }

    /** What it may cost once what has no price yet has one; null where all is known, or nothing can be said. */
    public function costsThen(): ?CostsThen
    {
        $isOpen = $this->gauges->money->isOnlyTheLeast() && $this->box->stage->isOpen();

        return $isOpen
            ? CostsThen::of(
                $this->plan,
                $this->gauges->money,
                fn (ItemKind $kind): ?PriceRange => $this->prices->range($kind, $this->box->crew),
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
                array_push($rows, $piece, ...$this->ridersOf($piece));
            }
        }

        return $rows;
    }

    /** Determine if a piece rides in another. */
    public function isRider(Piece $piece): bool
    {
        return $this->plan->pieceIn($this->planned[$piece->id]) !== null;
    }

    /** @return list<Piece> */
    private function ridersOf(Piece $holder): array
    {
        $ridesInIt = fn (Piece $piece): bool => $this->plan->pieceIn($this->planned[$piece->id])?->id === $holder->id;

        return array_values($this->box->contents()->filter($ridesInIt)->all());
    }

    /** @return array<string, string> names of the pieces that a piece may ride in, by their ids */
    public function holdersFor(Piece $piece): array
    {
        $this->holders ??= new Holders($this->plan);

        return array_column($this->holders->likelyFor($this->planned[$piece->id]), 'name', 'id');
    }

    /** @return array<string, string> names of what the guide asks of this child, and wishes, by the id of the need */
    public function needNames(): array
    {
        return $this->needNames ??= array_column(array_filter(
            [...$this->plan->guide->needs, ...$this->plan->guide->wishes],
            fn (Need $need): bool => $need->countFor($this->plan->recipient) > 0,
        ), 'name', 'id');
    }

    /** Get the open box with all that goes in; drawn once, as a view asks for it again and again. */
    public function drawing(): Drawing
    {
        return $this->drawing ??= $this->drawingOf($this->packingOrder(), new QuarterTurn(0));
    }

    /**
     * Get the open box with only some of what goes in, from any of its four sides.
     *
     * @param  list<Placement>  $placements
     */
    public function drawingOf(array $placements, QuarterTurn $turn): Drawing
    {
        $inside = $this->plan->boxKind->inside;

        return $this->scene($turn->box($inside), $turn->placements($inside, $placements));
    }

    /** @param list<Placement> $placements */
    private function scene(BoxShape $box, array $placements): Drawing
    {
        return (new PlanDrawing($this->plan, $this->problem))->of($placements, $box);
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

    public function elevation(): Elevation
    {
        return Elevation::of($this->plan->boxKind->inside, $this->packingOrder());
    }

    /** Get how the pile stands before the lid presses it, from the front; null where nothing is pressed. */
    public function restingElevation(): ?Elevation
    {
        return $this->packingOrder() === [] || ($this->gauges->room->result->closure->press ?? 0.0) == 0.0
            ? null
            : Elevation::of(
                $this->plan->boxKind->inside,
                RestingPile::of($this->packingOrder(), $this->problem->singles()),
            );
    }

    /**
     * @return list<array{Drawing, string}> for each piece that holds others: its hollow drawn as a box of its own, and
     *     its name
     */
    public function insets(): array
    {
        $insides = [];
        foreach ($this->packingOrder() as $placement) {
            if ($placement->in !== null) {
                $insides[$placement->in][] = new Placement(
                    $placement->id,
                    $placement->step,
                    null,
                    $placement->how,
                    $placement->angle,
                    $placement->parts,
                );
            }
        }
        $items = $this->problem->singles();
        $insets = [];
        foreach ($insides as $holder => $placements) {
            $hollow = Hollow::of($items[$holder], $placements);
            $insets[] = [$this->scene($hollow, $placements), $this->nameOf($holder)];
        }

        return $insets;
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

    public function story(): BoxStory
    {
        return BoxStory::of($this->box);
    }

    /** @return list<Caution> what the way it is packed warns of */
    private function cautions(): array
    {
        return $this->gauges->room->result === null ? [] : Cautions::of($this->problem, $this->gauges->room->result);
    }

    /** @return list<string> what is said to be in things that a child could hardly empty again */
    public function hardToEmpty(): array
    {
        $says = [];
        foreach ($this->plan->pieces as $piece) {
            $inside = $piece->thing->inside->isEmpty() ? null : FilledThing::of($piece->thing)->hardToEmpty();
            if ($inside !== null) {
                $says[] = Words::of('plan/fit.cautions.hard-to-empty', [
                    'name' => $piece->name, 'other' => $inside->name,
                ]);
            }
        }

        return $says;
    }

    /** @return list<string> all that the way it is packed warns of, in words */
    public function warnings(): array
    {
        return [...array_map($this->saysOf(...), $this->cautions()), ...$this->hardToEmpty()];
    }

    private function saysOf(Caution $caution): string
    {
        return Words::of("plan/fit.cautions.{$caution->about->value}", [
            'name' => $this->nameOf($caution->id),
            'other' => $caution->other === null ? '' : $this->nameOf($caution->other),
        ]);
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

    /** Get what the drawing shows, in a line. */
    public function packingInShort(): string
    {
        $packed = count($this->moves());

        return match (true) {
            $this->plan->pieces === [] => Words::of('plan/fit.nothing-yet'),
            $this->gauges->room->result === null => Words::of('plan/fit.not-tried'),
            default => trans_choice('plan/fit.packed', $packed),
        };
    }

    /** Get the lane of a placed piece, by its id in the packing. */
    public function laneOf(string $singleId): Category
    {
        return $this->planned[FitProblem::pieceOf($singleId)]->kind->category;
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

    public function nameOf(string $singleId): string
    {
        return $this->planned[FitProblem::pieceOf($singleId)]->name;
    }

    /** Get a piece by its id in the packing. */
    public function plannedOf(string $singleId): PlannedPiece
    {
        return $this->planned[FitProblem::pieceOf($singleId)];
    }

    /** Get a piece as the core knows it. */
    public function planned(Piece $piece): PlannedPiece
    {
        return $this->planned[$piece->id];
    }

    /** @return list<Move> what goes in at one go each, by their steps */
    public function moves(): array
    {
        return $this->moves ??= Move::of($this->packingOrder());
    }

    /** Get what to do at a step, as one packer would tell another. */
    public function saysMove(Move $move): string
    {
        $this->moveWords ??= $this->wordsAmong($this->packingOrder());

        return $this->moveWords->of($move);
    }

    /**
     * Get the words for the steps of a packing of this box, which need not be its own.
     *
     * @param  list<Placement>  $placements
     */
    public function wordsAmong(array $placements): MoveWords
    {
        return new MoveWords(
            $this->problem->singles(),
            new Whereby($this->plan->boxKind->inside, $placements, $this->nameOf(...)),
            $this->nameOf(...),
            fn (string $id): Look => $this->planned[FitProblem::pieceOf($id)]->kind->look(),
        );
    }

    /** Get how many boxes of this size the drive's carton holds. */
    public function toACarton(): int
    {
        return (new Carton($this->plan->guide->terms->carton))->holds($this->plan->boxKind->outside);
    }

    /**
     * Get the open box from straight above, as the child sees it when the lid comes off.
     *
     * @param  list<Placement>|null  $packed  as it was really packed; null as it is planned
     */
    public function firstSight(?array $packed = null): FirstSight
    {
        return new FirstSight($this->box, $this->plan, $this->problem, $packed ?? $this->packingOrder());
    }

    /** @return list<Placement> by step, some earlier or later where whoever packs it wants that */
    public function packingOrder(): array
    {
        return $this->packingOrder ??= Shifted::order(
            $this->gauges->room->result->placements ?? [],
            array_filter(array_map(
                static fn (PlannedPiece $piece): int => $piece->choices->packing->shift,
                $this->planned,
            )),
        );
    }

    /** @return array<string, PlannedPiece> those that someone wants packed in a way of their own, by id */
    public function wished(): array
    {
        return array_filter(
            $this->planned,
            static fn (PlannedPiece $piece): bool => ! $piece->choices->packing->isNothing(),
        );
    }

    /** @return list<string> what there is to say of how it is packed */
    public function packingRemarks(): array
    {
        $remarks = [$this->rises(), $this->parted(), $this->gaveWay()];

        return array_values(array_filter($remarks, static fn (string $remark): bool => $remark !== ''));
    }

    /** Get what rises over the rim until the lid presses it; empty where nothing does. */
    public function rises(): string
    {
        $proud = $this->gauges->room->proudMm;
        $most = $proud > 1.0 ? RestHeights::mostPressed($this->packingOrder(), $this->problem->singles()) : null;

        return $most === null
            ? ''
            : Words::of('plan/fit.rises', [
                'name' => $this->nameOf($most[0]), 'high' => LengthWords::of(10 * (int) round($proud)),
            ]);
    }

    /** Get how far the order of packing had to give way; empty where it did not. */
    private function gaveWay(): string
    {
        $order = $this->plan->ways->packingOrder;
        $kept = Kept::in($this->plan->boxKind->inside, $order, $this->packingOrder(), $this->problem->singles());

        return $kept->order >= Kept::WELL
            ? ''
            : Words::of("plan/fit.gave-way.{$order->value}", ['share' => (int) round(100 * $kept->order)]);
    }

    /** Get what was parted though it belongs together, and how it lies now: “Pencils 4 and 4”; empty where nothing. */
    private function parted(): string
    {
        $counts = [];
        foreach ($this->moves() as $move) {
            $item = FitProblem::pieceOf($move->first()->id);
            if ($move->holder() === null) {
                $counts[$item][] = count($move->placements);
            }
        }
        $parted = [];
        foreach ($this->problem->items as $item) {
            if ($item->together && count($counts[$item->id] ?? []) > 1) {
                $parted[] = Words::of('plan/fit.parted-of', [
                    'name' => $item->name, 'counts' => implode(' + ', $counts[$item->id]),
                ]);
            }
        }

        return $parted === [] ? '' : Words::of('plan/fit.parted', ['names' => implode(', ', $parted)]);
    }
}

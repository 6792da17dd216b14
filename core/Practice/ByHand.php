<?php

declare(strict_types=1);

namespace PluckyWren\Core\Practice;

use PluckyWren\Core\Fit\ClosureOf;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\Places;

/** A box that somebody packs by hand, one thing after the other, each in one of a few places. */
final readonly class ByHand
{
    /** So many places are offered for a thing. */
    public const PLACES = 6;

    /** @param list<Placement> $placements what is in, by steps */
    private function __construct(public Problem $problem, public array $placements) {}

    /**
     * Put in what was put in, in its order; what goes nowhere any more is passed over.
     *
     * @param  list<array{string, int}>  $put  ids of single things, and which of the places each took
     */
    public static function after(Problem $problem, array $put): self
    {
        $box = new self($problem, []);
        foreach ($put as [$id, $place]) {
            $box = $box->with($id, $place);
        }

        return $box;
    }

    /** With one thing more, in one of the places it could go; as it is, where there is no such place. */
    public function with(string $id, int $place): self
    {
        $places = $this->placesFor($id);

        return isset($places[$place]) ? new self($this->problem, [...$this->placements, $places[$place]]) : $this;
    }

    /** @return array<string, Item> what is not in yet, by its id */
    public function left(): array
    {
        $in = array_column($this->placements, null, 'id');

        return array_diff_key($this->problem->singles(), $in);
    }

    /** @return list<Placement> where a thing could be put now; none where it is in, or goes nowhere */
    public function placesFor(string $id): array
    {
        $item = $this->left()[$id] ?? null;

        return $item === null ? [] : Places::for(
            new Problem($this->problem->box, $this->problem->items, $this->problem->order, $this->placements),
            $item,
            self::PLACES,
        );
    }

    /** How the lid closes over what is in. */
    public function result(): Result
    {
        return new Result($this->placements, [], ClosureOf::packing(
            $this->problem->box, $this->placements, $this->problem->singles(),
        ));
    }
}

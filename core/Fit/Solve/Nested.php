<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/** What goes into the hollows of other pieces before the box is filled. */
final readonly class Nested
{
    /**
     * @param  list<Placement>  $placements  in hollows that keep their shape
     * @param  array<string, Item>  $filledPouches  what a filled pouch is to the box: a block of its own, by its id
     * @param  array<string, array{Unit, array<int, list<Item>>}>  $inPouches  the block in each pouch, and its pieces
     *     by their kind's number
     */
    public function __construct(
        public array $placements = [],
        public array $filledPouches = [],
        private array $inPouches = [],
    ) {}

    /** @return list<string> the ids of what is nested */
    public function ids(): array
    {
        $ids = array_map(static fn (Placement $placement): string => $placement->id, $this->placements);
        foreach ($this->inPouches as [, $pieces]) {
            foreach ($pieces as $items) {
                array_push($ids, ...array_map(static fn (Item $item): string => $item->id, $items));
            }
        }

        return $ids;
    }

    /**
     * What is nested in holders that went in, and those holders as what they are.
     *
     * @param  list<Placement>  $placed
     * @return list<Placement>
     */
    public function with(array $placed): array
    {
        $holders = array_column($placed, null, 'id');
        $nested = array_values(
            array_filter($this->placements, static fn (Placement $placement): bool => isset($holders[$placement->in])),
        );
        foreach ($placed as $at => $placement) {
            if (isset($this->inPouches[$placement->id])) {
                $placed[$at] = new Placement($placement->id, 1, null, How::Refolded, 0.0, $placement->parts);
                array_push($nested, ...$this->inPouch($placement));
            }
        }

        return [...$nested, ...$placed];
    }

    /** @return list<Placement> the contents of a pouch, turned as it lies */
    private function inPouch(Placement $pouch): array
    {
        [$unit, $pieces] = $this->inPouches[$pouch->id];
        $part = $pouch->parts[0];
        // Longest along longest: the pouch was made to fit it that way.
        $axes = [0, 1, 2];
        $room = [$part->l, $part->w, $part->h];
        usort($axes, static fn (int $a, int $b): int => $room[$b] <=> $room[$a]);
        $own = [0, 1, 2];
        usort($own, static fn (int $a, int $b): int => $unit->sides[$b] <=> $unit->sides[$a]);
        $lies = [0, 0, 0];
        foreach ($own as $rank => $side) {
            $lies[$side] = $axes[$rank];
        }
        $placements = [];
        foreach ($unit->layout([0, 0, 0], $lies) as [$kind, $block]) {
            $item = array_pop($pieces[$kind]);
            if ($item !== null) {
                $placements[] = new Placement($item->id, 1, $pouch->id, How::Nested, 0.0, [Part::between($block)]);
            }
        }

        return $placements;
    }
}

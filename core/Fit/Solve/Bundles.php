<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** What is to stay together: one piece to the solver, and taken apart again in the result. */
final readonly class Bundles
{
    /** @var array<string, Bundle> by the item's id */
    private array $bundles;

    public function __construct(private Problem $problem)
    {
        $pinned = array_column($problem->pinned, null, 'id');
        $bundles = [];
        foreach ($problem->items as $item) {
            $isFree = $item->together && $item->quantity > 1
                && array_intersect_key(array_column($item->singles(), null, 'id'), $pinned) === [];
            if ($isFree) {
                $bundles[$item->id] = new Bundle($item, $problem->box);
            }
        }
        $this->bundles = $bundles;
    }

    public function areThere(): bool
    {
        return $this->bundles !== [];
    }

    /** The same problem, each bundle one piece. */
    public function problem(): Problem
    {
        $items = [];
        foreach ($this->problem->items as $item) {
            $items[] = isset($this->bundles[$item->id]) ? $this->bundles[$item->id]->whole : $item;
        }

        return new Problem($this->problem->box, $items, $this->problem->order, $this->problem->pinned);
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<Placement>
     */
    public function spread(array $placements): array
    {
        $spread = [];
        foreach ($placements as $placement) {
            $bundle = $this->bundles[$placement->id] ?? null;
            array_push($spread, ...($bundle === null ? [$placement] : $bundle->spread($placement)));
        }

        return $spread;
    }

    /**
     * @param  list<LeftOut>  $leftOut
     * @return list<LeftOut>
     */
    public function leftOut(array $leftOut): array
    {
        $all = [];
        foreach ($leftOut as $out) {
            foreach (isset($this->bundles[$out->id]) ? $this->bundles[$out->id]->ids() : [$out->id] as $id) {
                $all[] = new LeftOut($id, $out->reason);
            }
        }

        return $all;
    }
}

<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Beside;

use PluckyWren\Core\Guide\NeedsFilled;

/** Something that at least one of several boxes still lacks. */
final readonly class NeedRow
{
    /** @param array<string, int|null> $lacks how many each lacks, by the box's id; null where it is not asked for */
    private function __construct(public string $name, public array $lacks) {}

    /**
     * @param  array<string, NeedsFilled>  $boxes  how far each box's needs are filled, by its id
     * @return list<self> what any of them still lacks, in the order of the guides
     */
    public static function missing(array $boxes): array
    {
        $notAsked = array_fill_keys(array_keys($boxes), null);
        $names = $lacks = [];
        foreach ($boxes as $box => $needs) {
            foreach ($needs->states as $state) {
                $names[$state->need->id] ??= $state->need->name;
                $lacks[$state->need->id] ??= $notAsked;
                $lacks[$state->need->id][$box] = $state->lacks();
            }
        }
        $rows = [];
        foreach ($names as $id => $name) {
            if (array_sum($lacks[$id]) > 0) {
                $rows[] = new self($name, $lacks[$id]);
            }
        }

        return $rows;
    }
}

<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Moves;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/**
 * Says where each piece of a packing goes by what is there already: what it lies on, and a corner, a wall or a large
 * neighbour; never more than two things at once, and so that no other piece's place would do.
 */
final class Whereby
{
    /** @var array<string, Part> by the id of the first piece of each thing */
    private array $blocks = [];

    /** @var array<string, Part> what of each others may be laid on, by the same ids */
    private array $tables = [];

    /** @var array<string, true> by the ids of what is filled first */
    private array $filled = [];

    private readonly Surroundings $surroundings;

    /**
     * @param  list<Placement>  $placements
     * @param  callable(string): string  $nameOf  a piece's name by its id in the packing
     */
    public function __construct(private readonly BoxShape $box, array $placements, callable $nameOf)
    {
        $names = [];
        foreach (Move::of($placements) as $move) {
            if ($move->holder() !== null) {
                $this->filled[$move->holder()] = true;

                continue;
            }
            foreach ($move->each() as $thing) {
                $this->blocks[$thing->first()->id] = $thing->block();
                $this->tables[$thing->first()->id] = $thing->table();
                $names[$thing->first()->id] = $nameOf($thing->first()->id);
            }
        }
        $this->surroundings = new Surroundings($this->box, $this->blocks, $this->tables, $names);
    }

    /** Determine if other things are put into a piece before it goes in. */
    public function isFilled(string $id): bool
    {
        return isset($this->filled[$id]);
    }

    /**
     * Get one or two relations that are true of a thing that goes into the box itself.
     *
     * @param  Move  $thing  of all that goes in at one go, one thing
     * @param  Move|null  $it  the one that was told just before, with which it goes in
     * @return non-empty-list<Relation>
     */
    public function of(Move $thing, ?Move $it = null): array
    {
        $id = $thing->first()->id;
        $support = $this->support($id);
        $places = $this->places($id);
        $byIt = $it === null ? null : $this->byIt($id, $it->first()->id, [$support, ...$places]);
        if ($byIt !== null) {
            return $byIt;
        }
        foreach ($places as $place) {
            if ($this->surroundings->isAlone($id, $support, $place)) {
                return [$support, $place];
            }
        }
        foreach ($places as $at => $one) {
            foreach (array_slice($places, $at + 1) as $other) {
                if ($one->sides !== $other->sides && $this->surroundings->isAlone($id, $one, $other)) {
                    return [$one, $other];
                }
            }
        }

        return [$support, ...array_slice($places, 0, 1)];
    }

    /**
     * @param  list<Relation>  $others  what else is true of where it lies
     * @return non-empty-list<Relation>|null where it lies by the one told just before; null where that does not tell it
     */
    private function byIt(string $id, string $it, array $others): ?array
    {
        $sides = array_filter(
            Side::cases(),
            fn (Side $side): bool => $this->surroundings->isBeside($this->blocks[$id], $side, $this->blocks[$it]),
        );
        foreach ([[], ...array_map(static fn (Relation $other): array => [$other], $others)] as $further) {
            foreach ($sides as $side) {
                $relations = [Relation::besideIt($side, $it), ...$further];
                if ($this->surroundings->isAlone($id, ...$relations)) {
                    return $relations;
                }
            }
        }

        return null;
    }

    private function support(string $id): Relation
    {
        $block = $this->blocks[$id];
        $most = 0.0;
        $on = null;
        foreach (array_keys($this->before($id)) as $other) {
            $share = $this->surroundings->carries($this->tables[$other], $block);
            if ($share > $most) {
                [$most, $on] = [$share, (string) $other];
            }
        }
        $relation = $on === null ? Relation::onFloor() : Relation::on($on);

        return $block->z > 0 && $this->surroundings->holds($relation, $id) ? $relation : Relation::onFloor();
    }

    /** @return list<Relation> what is true of where it lies, what is easiest to see first */
    private function places(string $id): array
    {
        $block = $this->blocks[$id];
        $walls = array_values(array_filter(
            Side::cases(),
            fn (Side $side): bool => $this->surroundings->gap($block, $side) <= Surroundings::NEAR,
        ));
        $places = [];
        foreach ([Side::Front, Side::Back] as $depth) {
            foreach ([Side::Left, Side::Right] as $side) {
                if (in_array($depth, $walls, true) && in_array($side, $walls, true)) {
                    $places[] = Relation::inCorner($depth, $side);
                }
            }
        }
        // From wall to wall is in no corner more than in the other.
        $places = count($places) > 1 ? [] : $places;
        array_push($places, ...array_map(Relation::againstWall(...), $walls));
        $before = $this->before($id);
        uasort($before, static fn (Part $one, Part $other): int => $other->volume() <=> $one->volume());
        foreach ($before as $other => $that) {
            foreach (Side::cases() as $side) {
                if ($this->surroundings->isBeside($block, $side, $that)) {
                    $places[] = Relation::beside($side, (string) $other);
                }
            }
        }
        foreach (Side::cases() as $side) {
            $places[] = Relation::from($side, max(0, (int) round($this->surroundings->gap($block, $side) / 100)));
        }
        // Two of one name may lie one on the other.
        $places[] = Relation::above((int) round($block->z / 10));

        return $places;
    }

    /** @return array<string, Part> what goes in before it */
    private function before(string $id): array
    {
        $before = [];
        foreach ($this->blocks as $other => $block) {
            if ((string) $other === $id) {
                break;
            }
            $before[$other] = $block;
        }

        return $before;
    }
}

<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Drawing\Shapes\Shapes;
use PluckyWren\Core\Fit\Drawing\Shapes\Stamp;
use PluckyWren\Core\Fit\Drawing\Shapes\Stand;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Geometry\Footprint;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;

/** Draws a packing from its placements alone. */
final readonly class SceneOf
{
    /** A number needs this much clear paper around it, in drawing units. */
    private const LABEL_RADIUS = 7.0;

    public function __construct(private Projection $projection = new Projection) {}

    /**
     * @param  list<Placement>  $placements
     * @param  array<string, Item>  $items
     * @param  array<string, Look>  $looks  what each is drawn as, by its id; by its form where nothing is said
     */
    public function packing(BoxShape $box, array $placements, array $items = [], array $looks = []): Scene
    {
        $prisms = [];
        $bundled = self::bundled($placements);
        foreach ($placements as $placement) {
            foreach ($placement->isNested() ? [] : $placement->parts as $part) {
                $prisms[] = new Prism(
                    $placement->id,
                    Footprint::of($part, $placement->angle),
                    $part->z,
                    $part->top(),
                    fmod($placement->angle, 90) != 0.0,
                    lostByACut: self::look(
                        $looks[$placement->id] ?? null, $items[$placement->id] ?? null,
                    )->lostByACut(),
                );
            }
        }
        $sorted = (new PaintOrder(new Sight($this->projection)))->sorted($prisms);
        $steps = array_column($placements, 'step', 'id');
        $drawn = $this->labelled(
            array_map(fn (Prism $prism): DrawnPrism => $this->shaped(
                $prism,
                $items[$prism->piece] ?? null,
                $looks[$prism->piece] ?? null,
                isset($bundled[$prism->piece]),
            ), $sorted),
            $steps,
        );

        return $this->around($box, $drawn);
    }

    /**
     * What is packed as one with its like.
     *
     * @param  list<Placement>  $placements
     * @return array<string, true> by id
     */
    private static function bundled(array $placements): array
    {
        $moves = [];
        foreach ($placements as $placement) {
            $moves[$placement->in === null ? $placement->step.' '.Item::idOf($placement->id) : ''][] = $placement->id;
        }
        unset($moves['']);

        return array_fill_keys(
            array_merge(...array_values(array_filter($moves, static fn (array $ids): bool => count($ids) > 1))),
            true,
        );
    }

    /** What a thing is drawn as. */
    private static function look(?Look $look, ?Item $item): Look
    {
        return $look ?? ($item === null ? Look::Block : Look::ofForm($item->form));
    }

    /** A thing as what it is; a fragment of one, and what leans, as the block that it is. */
    private function shaped(Prism $prism, ?Item $item, ?Look $look, bool $isBundled): DrawnPrism
    {
        $look = self::look($look, $item);
        if ($prism->cuts !== ['x' => [], 'y' => [], 'z' => []] || count($prism->footprint->corners) !== 4) {
            return new DrawnPrism($prism, $this->faces($prism, $item));
        }
        $stand = new Stand($prism, $this->projection);
        $shape = Shapes::of($look, $stand);
        // Folds lie on each other without one.
        $band = $isBundled && $item?->form->keepsItsSides() === true ? Shapes::band($stand) : [];
        $stamp = in_array($look, [
            Look::Ball, Look::Bottle, Look::Cup, Look::Plush, Look::Stick, Look::Pencil,
        ], true)
            ? null
            : Stamp::on($stand);

        return $shape === null
            ? new DrawnPrism(
                $prism, $this->faces($prism, $item), [...Shapes::details($look, $stand), ...$band], [], $stamp,
            )
            : new DrawnPrism(
                $prism, $shape->faces, [...$shape->patches, ...$band], $shape->behind, $stamp, $look === Look::Plush,
            );
    }

    /** @return list<Face> of the block */
    private function faces(Prism $prism, ?Item $item): array
    {
        $faces = [];
        $corners = $prism->footprint->corners;
        foreach ($corners as $i => [$x, $y]) {
            [$toX, $toY] = $corners[($i + 1) % count($corners)];
            $facing = ($toY - $y) * $this->projection->towardsX + ($x - $toX) * $this->projection->towardsY;
            if ($facing > 0.01) {
                $faces[] = $this->side($prism, $x, $y, $toX, $toY, $item);
            }
        }
        $top = array_map(
            fn (array $corner): array => $this->projection->point($corner[0], $corner[1], $prism->high),
            $corners,
        );
        $edges = [];
        foreach ($corners as $i => [$x, $y]) {
            $next = ($i + 1) % count($corners);
            if (! $prism->isCutAlong($x, $y, $corners[$next][0], $corners[$next][1])) {
                $edges[] = [$top[$i], $top[$next]];
            }
        }
        $faces[] = new Face('top', $top, $prism->isCutAt($prism->high) ? [] : $edges);

        return $faces;
    }

    private function side(Prism $prism, float $x, float $y, float $toX, float $toY, ?Item $item): Face
    {
        $at = $this->projection->point(...);
        $points = [
            $at($x, $y, $prism->low),
            $at($toX, $toY, $prism->low),
            $at($toX, $toY, $prism->high),
            $at($x, $y, $prism->high),
        ];
        $edges = [];
        if (! $prism->isCutAt($prism->low)) {
            $edges[] = [$points[0], $points[1]];
        }
        if (! $prism->isCutAlong($toX, $toY, $toX, $toY)) {
            $edges[] = [$points[1], $points[2]];
        }
        if (! $prism->isCutAlong($x, $y, $x, $y)) {
            $edges[] = [$points[3], $points[0]];
        }
        $marks = [];
        foreach ($this->markLevels($prism, $item) as $level) {
            $marks[] = [$at($x, $y, $level), $at($toX, $toY, $level)];
        }

        return new Face(
            abs($toX - $x) > abs($toY - $y) ? 'front' : 'side',
            $points,
            $prism->isCutAlong($x, $y, $toX, $toY) ? [] : $edges,
            $marks,
        );
    }

    /** @return list<float> the levels of a pile's folds */
    private function markLevels(Prism $prism, ?Item $item): array
    {
        $lines = match ($item?->form) {
            Form::Cloth => max(1, min(4, (int) (($prism->high - $prism->low) / 90))),
            default => 0,
        };
        if ($prism->high - $prism->low < 50 || $prism->cuts['z'] !== []) {
            return [];
        }

        return array_map(
            static fn (int $line): float => $prism->low + ($prism->high - $prism->low) * $line / ($lines + 1),
            $lines === 0 ? [] : range(1, $lines),
        );
    }

    /**
     * Each step's number once, on the first of the faces of what goes in then that shows a clear spot.
     *
     * @param  list<DrawnPrism>  $drawn
     * @param  array<string, int>  $steps  by the id of the piece
     * @return list<DrawnPrism>
     */
    private function labelled(array $drawn, array $steps): array
    {
        $numbered = [];
        foreach (array_reverse(array_keys($drawn)) as $index) {
            $piece = $drawn[$index]->prism->piece;
            $spot = isset($numbered[$steps[$piece]])
                ? null
                : $this->clearSpot($drawn[$index], array_slice($drawn, $index + 1));
            if ($spot !== null) {
                $numbered[$steps[$piece]] = true;
                $drawn[$index] = $drawn[$index]->withLabel(...$spot);
            }
        }

        return array_values($drawn);
    }

    /**
     * @param  list<DrawnPrism>  $later  painted after it
     * @return array{float, float}|null
     */
    private function clearSpot(DrawnPrism $drawn, array $later): ?array
    {
        // Beside the small drawing of what it is, where there is one.
        $shares = $drawn->hasFace ? [0.72, 0.55, 0.35, 0.0] : [0.0, 0.35, 0.6];
        foreach (array_reverse($drawn->faces) as $face) {
            [$centreX, $centreY] = $face->centre();
            foreach ($face->points as [$x, $y]) {
                foreach ($shares as $share) {
                    [$spotX, $spotY] = [$centreX + $share * ($x - $centreX), $centreY + $share * ($y - $centreY)];
                    if ($face->holds($spotX, $spotY, self::LABEL_RADIUS) && ! $this->isHidden($spotX, $spotY, $later)) {
                        return [$spotX, $spotY];
                    }
                }
            }
        }

        return null;
    }

    /** @param list<DrawnPrism> $later */
    private function isHidden(float $x, float $y, array $later): bool
    {
        foreach ($later as $drawn) {
            if ($drawn->touches($x, $y, self::LABEL_RADIUS)) {
                return true;
            }
        }

        return false;
    }

    /** @param list<DrawnPrism> $drawn */
    private function around(BoxShape $box, array $drawn): Scene
    {
        [$inX, $inY] = $box->insetAt(0);
        $at = $this->projection->point(...);
        [$l, $w, $h] = [$box->topLength, $box->topWidth, $box->height];
        $floor = [$at($inX, $inY, 0), $at($l - $inX, $inY, 0), $at($l - $inX, $w - $inY, 0), $at($inX, $w - $inY, 0)];
        $rim = [$at(0, 0, $h), $at($l, 0, $h), $at($l, $w, $h), $at(0, $w, $h)];
        $points = [...$floor, ...$rim];
        foreach ($drawn as $prism) {
            array_push($points, ...array_merge(...array_column($prism->faces, 'points')));
        }
        [$left, $top] = [min(array_column($points, 0)), min(array_column($points, 1))];

        return new Scene(
            [
                'floor' => $floor,
                'back' => [$floor[3], $floor[2], $rim[2], $rim[3]],
                'left' => [$floor[0], $floor[3], $rim[3], $rim[0]],
            ],
            $drawn,
            [[$floor[0], $floor[1], $rim[1], $rim[0]], [$floor[1], $floor[2], $rim[2], $rim[1]]],
            $rim,
            [$left, $top, max(array_column($points, 0)) - $left, max(array_column($points, 1)) - $top],
        );
    }
}

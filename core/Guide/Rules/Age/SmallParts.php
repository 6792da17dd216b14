<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedies\TakeOut;
use PluckyWren\Core\Guide\Rules\PieceRule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Shape;

/**
 * Notices what a child under three could choke on: whatever goes whole into the small-parts cylinder, or loses a part
 * that does. Cloth and paper are not judged there.
 */
final class SmallParts implements PieceRule
{
    private const YEARS = 3;

    /** What nobody measured may be so much smaller than its kind's usual measures. An estimate. */
    private const SMALLER_UNMEASURED = 0.85;

    /** @var array<string, bool> by the measures and the shape, whether it goes into the cylinder */
    private array $known = [];

    public function card(): RuleCard
    {
        return new RuleCard([
            'age.small-parts-whole' => [Weight::Hazard],
            'age.small-parts-part' => [Weight::Hazard],
            'measure.near-the-cylinder' => [Weight::Ask],
        ], 'US 16 CFR 1501, toys for children under three');
    }

    public function findings(BoxContents $box): array
    {
        if (! $box->mayBeOpenedBelow(self::YEARS)) {
            return [];
        }
        $isSaid = $box->guideFlags(ItemTrait::SmallPart);

        return array_values(array_filter(array_map(
            fn (Held $piece): ?Finding => $isSaid && $piece->has(ItemTrait::SmallPart) ? null : $this->judge($piece),
            $box->held,
        )));
    }

    private function judge(Held $piece): ?Finding
    {
        [$kind, $measures] = [$piece->thing->kind, $piece->thing->measures];
        if ($kind->handling->form === Form::Cloth || $kind->handling->form === Form::Sheet) {
            return null;
        }
        if ($this->takes($measures->size, $kind->body->shape)) {
            return $this->finding($piece, $measures->size)->saying('age.small-parts-whole');
        }
        if (
            $kind->body->smallest !== null
                && $this->takes($kind->body->smallest->size, $kind->body->smallest->shape)
        ) {
            return $this->finding($piece, $kind->body->smallest->size)->saying('age.small-parts-part');
        }

        return $measures->areTaken || ! $this->takes($this->smaller($measures->size), $kind->body->shape)
            ? null
            : Finding::onPiece('measure.near-the-cylinder', Weight::Ask, $piece, ['size' => $measures->size])
                ->untilMeasured();
    }

    /** The same measures are asked for again and again, for every thing that a picker offers say. */
    private function takes(Size $size, Shape $shape): bool
    {
        return $this->known["{$size->length} {$size->width} {$size->height} {$shape->value}"]
            ??= SmallPartsCylinder::takes($size, $shape);
    }

    private function finding(Held $piece, Size $size): Finding
    {
        return Finding::onPiece(
            'age.small-parts',
            Weight::Hazard,
            $piece,
            ['size' => $size],
            [new TakeOut($piece->piece())],
        );
    }

    private function smaller(Size $size): Size
    {
        $less = static fn (int $side): int => max(1, (int) round($side * self::SMALLER_UNMEASURED));

        return new Size($less($size->length), $less($size->width), $less($size->height));
    }
}

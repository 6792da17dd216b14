<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedy;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Measure\Unit;
use PluckyWren\Core\Stash\ItemTrait;

/**
 * Notices what a child under three could choke on: whatever goes whole into the small-parts cylinder, or loses a part
 * that does.
 *
 * Source: US 16 CFR 1501, toys for children under three; cloth and paper are not judged there.
 */
final class SmallParts implements Rule
{
    private const YEARS = 3;

    /** What nobody measured may be so much smaller than its kind's usual measures. An estimate. */
    private const SMALLER_UNMEASURED = 0.85;

    /** @throws InvalidLength */
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

    /** @throws InvalidLength */
    private function judge(Held $piece): ?Finding
    {
        $kind = $piece->itemKind;
        if ($kind === null || $piece->size === null || $kind->form === Form::Cloth || $kind->form === Form::Sheet) {
            return null;
        }
        if (SmallPartsCylinder::takes($piece->size, $kind->shape)) {
            return $this->finding($piece, $piece->size, 'It goes whole into the small-parts cylinder');
        }
        if ($kind->smallest !== null && SmallPartsCylinder::takes($kind->smallest->size, $kind->smallest->shape)) {
            return $this->finding($piece, $kind->smallest->size, 'A part of it goes into the small-parts cylinder');
        }

        return $piece->isMeasured || ! SmallPartsCylinder::takes($this->smaller($piece->size), $kind->shape)
            ? null
            : new Finding(
                'measure.near-the-cylinder', Weight::Ask, [$piece->id], $piece->name,
                'Its kind is just larger than what a small child could choke on.', 'Measure this one.',
                $piece->size->in(Unit::Millimetre).' mm, as is usual', [], false,
            );
    }

    /** @throws InvalidLength */
    private function finding(Held $piece, Size $size, string $says): Finding
    {
        return new Finding(
            'age.small-parts', Weight::Hazard, [$piece->id], $piece->name,
            "{$says}: a child under three can choke on it.", 'Choose something in one large piece.'.self::DEFERS,
            $size->in(Unit::Millimetre).' mm, in a cylinder 31.7 mm across and 25.4 to 57.1 mm deep',
            [Remedy::takeOut($piece->piece())],
        );
    }

    private function smaller(Size $size): Size
    {
        $less = static fn (int $side): int => max(1, (int) round($side * self::SMALLER_UNMEASURED));

        return new Size($less($size->length), $less($size->width), $less($size->height));
    }
}

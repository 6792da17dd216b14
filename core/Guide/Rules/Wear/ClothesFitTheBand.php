<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Wear;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedy;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Sizes\BandAim;
use PluckyWren\Core\Guide\Sizes\BandFit;
use PluckyWren\Core\Guide\Sizes\SizeLabel;
use PluckyWren\Core\Guide\Weight;

/**
 * Notices clothes and shoes whose label says that they will not fit: aim at the top of the band, since children grow.
 */
final class ClothesFitTheBand implements Rule
{
    public function findings(BoxContents $box): array
    {
        $worn = array_filter(
            $box->held,
            static fn (Held $piece): bool => $piece->itemKind?->isWorn === true && $piece->source !== null,
        );

        return array_values(
            array_filter(array_map(static fn (Held $piece): ?Finding => self::judge($piece, $box), $worn)),
        );
    }

    private static function judge(Held $piece, BoxContents $box): ?Finding
    {
        $kind = $piece->itemKind;
        $label = SizeLabel::read((string) $piece->sizeLabel, $kind->isShoes ?? false);
        if ($label === null) {
            return new Finding(
                'size.unread',
                Weight::Tip,
                [$piece->id],
                $piece->name,
                $piece->sizeLabel === null || $piece->sizeLabel === ''
                    ? 'Nobody wrote down its size.'
                    : "We cannot read the size “{$piece->sizeLabel}”.",
                'Write down what its label says.',
                '',
                [],
                false,
            );
        }
        $fit = BandFit::of($label, $box->band(), $kind->isElastic ?? false);
        $working = "{$label->says()}; {$fit->says()}";

        return match ($fit->aim) {
            BandAim::AimsRight => null,
            BandAim::Covers => new Finding(
                'size.covers-some',
                Weight::Tip,
                [$piece->id],
                $piece->name,
                'It fits some of this band only.',
                'Aim at the top of the band: children grow.',
                $working,
            ),
            BandAim::TooSmall => new Finding(
                'size.too-small',
                Weight::Ask,
                [$piece->id],
                $piece->name,
                'It is too small for half of this band or more.',
                'Choose a larger one.',
                $working,
                [Remedy::takeOut($piece->piece())],
            ),
            BandAim::TooLarge => new Finding(
                'size.too-large',
                Weight::Ask,
                [$piece->id],
                $piece->name,
                'It is larger than this band.',
                'Keep it for an older child.',
                $working,
                [Remedy::takeOut($piece->piece())],
            ),
        };
    }
}

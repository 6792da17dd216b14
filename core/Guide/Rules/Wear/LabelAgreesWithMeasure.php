<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Wear;

use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\PieceRule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Sizes\SizeLabel;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Measure\Length;

/** Notices shoes whose measured length is less than the foot their label means. */
final class LabelAgreesWithMeasure implements PieceRule
{
    /** A shoe is so much longer outside than the foot it is for, at least, in tenths of a millimetre. An estimate. */
    private const LONGER_TENTHS = 50;

    public function card(): RuleCard
    {
        return new RuleCard(['size.label-against-measure' => [Weight::Ask]], RuleCard::OWN_ESTIMATE);
    }

    /** @throws InvalidLength */
    public function findings(BoxContents $box): array
    {
        $shoes = array_filter(
            $box->held,
            static fn (Held $piece): bool => $piece->thing->kind->care->isShoes
                && $piece->thing->kind->handling->form !== Form::Cloth
                && $piece->thing->measures->areTaken,
        );

        return array_values(array_filter(array_map(static function (Held $piece) use ($box): ?Finding {
            $label = SizeLabel::read((string) $piece->thing->sizeLabel, true, $box->band());
            $length = $piece->thing->measures->size->sides()[0];

            return $label === null || $length >= $label->middle() * 10 + self::LONGER_TENTHS
                ? null
                : Finding::onPiece(
                    'size.label-against-measure',
                    Weight::Ask,
                    $piece,
                    ['length' => Length::ofTenths(max(1, $length)), 'label' => $label],
                );
        }, $shoes)));
    }
}

<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Wear;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedies\TakeOut;
use PluckyWren\Core\Guide\Rules\PieceRule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Sizes\BandAim;
use PluckyWren\Core\Guide\Sizes\BandFit;
use PluckyWren\Core\Guide\Sizes\SizeLabel;
use PluckyWren\Core\Guide\Weight;

/**
 * Notices clothes and shoes whose label says that they will not fit: aim at the top of the band, since children grow.
 */
final class ClothesFitTheBand implements PieceRule
{
    public function card(): RuleCard
    {
        return new RuleCard([
            'size.none' => [Weight::Tip],
            'size.unread' => [Weight::Tip],
            'size.covers-some' => [Weight::Tip],
            'size.too-small' => [Weight::Ask],
            'size.too-large' => [Weight::Ask],
        ], 'heights and feet by age from growth tables; what labels mean, from tables that many makers print alike');
    }

    public function findings(BoxContents $box): array
    {
        $worn = array_filter(
            $box->held,
            static fn (Held $piece): bool => $piece->thing->kind->care->isWorn && $piece->source !== null,
        );

        return array_values(
            array_filter(array_map(static fn (Held $piece): ?Finding => self::judge($piece, $box), $worn)),
        );
    }

    private static function judge(Held $piece, BoxContents $box): ?Finding
    {
        $kind = $piece->thing->kind;
        $written = (string) $piece->thing->sizeLabel;
        $label = SizeLabel::read($written, $kind->care->isShoes, $box->band());
        if ($label === null) {
            return Finding::onPiece('size.unread', Weight::Tip, $piece, ['label' => $written])
                ->saying($written === '' ? 'size.none' : 'size.unread')
                ->untilMeasured();
        }
        $fit = BandFit::of($label, $box->band(), $kind->care->isElastic);
        $facts = ['label' => $label, 'fit' => $fit];
        $takeOut = [new TakeOut($piece->piece())];

        return match ($fit->aim) {
            BandAim::AimsRight => null,
            BandAim::Covers => Finding::onPiece('size.covers-some', Weight::Tip, $piece, $facts),
            BandAim::TooSmall => Finding::onPiece('size.too-small', Weight::Ask, $piece, $facts, $takeOut),
            BandAim::TooLarge => Finding::onPiece('size.too-large', Weight::Ask, $piece, $facts, $takeOut),
        };
    }
}

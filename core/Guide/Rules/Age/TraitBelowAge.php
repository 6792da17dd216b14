<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedies\TakeOut;
use PluckyWren\Core\Guide\Rules\PieceRule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\ItemTrait;

/** Notices a trait that is dangerous to children below an age, where the guide does not say so itself. */
final readonly class TraitBelowAge implements PieceRule
{
    private function __construct(
        private string $id,
        private ItemTrait $trait,
        private int $years,
        private string $source,
    ) {}

    /** @return list<self> */
    public static function all(): array
    {
        return [
            new self(
                'age.neck-cord', ItemTrait::NeckCord, 13,
                'US 16 CFR 1120.3(b), children’s upper outerwear of sizes 2T to 12 with drawstrings at hood or neck',
            ),
            new self(
                'age.balloon', ItemTrait::Balloon, 8,
                'US 16 CFR 1500.19(b)(2), children under eight can choke on uninflated or broken balloons',
            ),
            new self(
                'age.magnet', ItemTrait::Magnet, 14,
                'US 16 CFR 1262, products with strong loose magnets for anyone under fourteen',
            ),
            new self(
                'age.button-cell', ItemTrait::ButtonCell, 8,
                'US 16 CFR 1263, button cells in products must be out of children’s reach; the age is our own choice',
            ),
            new self(
                'age.cap', ItemTrait::Cap, 3,
                'ISO 11540, caps of writing and marking instruments; the small parts of US 16 CFR 1501',
            ),
        ];
    }

    public function card(): RuleCard
    {
        return new RuleCard([$this->id => [Weight::Hazard]], $this->source);
    }

    public function findings(BoxContents $box): array
    {
        if (! $box->mayBeOpenedBelow($this->years) || $box->guideFlags($this->trait)) {
            return [];
        }
        $found = array_filter($box->held, fn (Held $piece): bool => $piece->has($this->trait));

        return array_values(array_map(fn (Held $piece): Finding => Finding::onPiece(
            $this->id,
            Weight::Hazard,
            $piece,
            ['years' => $this->years],
            [new TakeOut($piece->piece())],
        ), $found));
    }
}

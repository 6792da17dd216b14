<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Findings;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\Age\BagsOfOurs;
use PluckyWren\Core\Guide\Rules\Age\LongCords;
use PluckyWren\Core\Guide\Rules\Age\PointsAndBlades;
use PluckyWren\Core\Guide\Rules\Age\RightForThisAge;
use PluckyWren\Core\Guide\Rules\Age\SmallBalls;
use PluckyWren\Core\Guide\Rules\Age\SmallParts;
use PluckyWren\Core\Guide\Rules\Age\TraitBelowAge;
use PluckyWren\Core\Guide\Rules\Care\LeaksAreContained;
use PluckyWren\Core\Guide\Rules\Care\OpenTask;
use PluckyWren\Core\Guide\Rules\Care\PricesAreOff;
use PluckyWren\Core\Guide\Rules\Needs\CountsAreUsual;
use PluckyWren\Core\Guide\Rules\Needs\GuideIsThere;
use PluckyWren\Core\Guide\Rules\Needs\NeedsAreFilled;
use PluckyWren\Core\Guide\Rules\Needs\NothingTwice;
use PluckyWren\Core\Guide\Rules\Needs\SetsAreWhole;
use PluckyWren\Core\Guide\Rules\Wear\ClothesFitTheBand;
use PluckyWren\Core\Guide\Rules\Wear\LabelAgreesWithMeasure;
use PluckyWren\Core\Guide\Rules\Wear\OutfitAgrees;
use PluckyWren\Core\Recipient\Recipient;

/** Every rule there is; a new rule is one class and one line here, or one line of a class that holds several. */
final readonly class RuleBook
{
    /** @var list<Rule> those that look at each piece by itself */
    private array $ofPieces;

    /** @var list<Rule> all others: those that look at the box as a whole */
    private array $ofWhole;

    /** @param list<Rule> $rules */
    private function __construct(public array $rules)
    {
        $isOfPieces = static fn (Rule $rule): bool => $rule instanceof PieceRule;
        $this->ofPieces = array_values(array_filter($rules, $isOfPieces));
        $this->ofWhole = array_values(array_filter($rules, static fn (Rule $rule): bool => ! $isOfPieces($rule)));
    }

    public static function ofAllRules(): self
    {
        return new self([
            new GuideIsThere, new HoldsNothingFlagged,
            new SmallParts, new SmallBalls, new LongCords, ...TraitBelowAge::all(), new PointsAndBlades,
            new BagsOfOurs, new RightForThisAge,
            new NeedsAreFilled, new CountsAreUsual, new SetsAreWhole, new NothingTwice,
            new ClothesFitTheBand, new OutfitAgrees, new LabelAgreesWithMeasure,
            new PricesAreOff, new LeaksAreContained, ...OpenTask::all(),
        ]);
    }

    /** @param list<Held> $held */
    public function findings(Guide $guide, Recipient $recipient, array $held): Findings
    {
        return $this->findingsIn(new BoxContents($guide, $recipient, $held));
    }

    public function findingsIn(BoxContents $box): Findings
    {
        return Findings::of(...self::found($this->rules, $box));
    }

    /** @return list<Finding> of those rules that look at each piece by itself */
    public function ofPieces(BoxContents $box): array
    {
        return self::found($this->ofPieces, $box);
    }

    /** @return list<Finding> of all other rules: those that look at the box as a whole */
    public function ofWhole(BoxContents $box): array
    {
        return self::found($this->ofWhole, $box);
    }

    /**
     * @param  list<Rule>  $rules
     * @return list<Finding>
     */
    private static function found(array $rules, BoxContents $box): array
    {
        $found = [];
        foreach ($rules as $rule) {
            array_push($found, ...$rule->findings($box));
        }

        return $found;
    }
}

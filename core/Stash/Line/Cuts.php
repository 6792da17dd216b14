<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use Brick\Math\BigRational;
use PluckyWren\Core\Money\Chain\AmountStep;
use PluckyWren\Core\Money\Chain\BuyGetStep;
use PluckyWren\Core\Money\Chain\NonsenseStep;
use PluckyWren\Core\Money\Chain\PercentStep;
use PluckyWren\Core\Money\Chain\Step;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;

/**
 * Takes cuts out of a line, in their order: `-50%`, `25% off`, `half price`, `-1.00`, `1.00 off`, `3 for 2`, `2+1`.
 *
 * @phpstan-import-type Found from Scan
 */
final readonly class Cuts
{
    public function __construct(private Amounts $amounts, private Currency $currency) {}

    /** @return list<Cut> */
    public function taken(Scan $scan): array
    {
        $amount = $this->amounts->pattern;
        $percent = '(?<percent>\d{1,3}(?:[.,]\d{1,2})?)\s?%';
        $found = [
            ...$scan->takeAll("(?|(?<![\w.,])-\s?{$percent}(?:\s*off)?|{$percent}\s*(?:off|discount|less)(?!\w))"),
            ...$scan->takeAll('(?<half>half[\s-]price)'),
            ...$scan->takeAll(
                "(?|(?<amount>{$amount})\s+off(?!\w)"
                    ."|(?<![\w.,-])(?<=[\s\x1F]|^)(?:-(?!\s)|less\s+)(?<amount>{$amount}))",
            ),
            ...$scan->takeAll('(?<!\w)(?<buy>\d)\s+for\s+(?<pay>\d)(?![\d.,]|\s?[$€£%])'),
            ...$scan->takeAll('(?<![\w.,])(?<get>\d)\s?\+\s?(?<free>\d)(?:\s+free)?(?![\d.,])'),
        ];
        usort($found, static fn (array $one, array $other): int => $one['at'] <=> $other['at']);

        return array_map(fn (array $one): Cut => $this->cut($one), $found);
    }

    /** @param Found $found */
    private function cut(array $found): Cut
    {
        $said = array_filter($found['groups'], static fn (string $text): bool => $text !== '');
        $minor = isset($said['amount']) ? $this->amounts->minor($said['amount']) ?? Amount::UNREADABLE : 0;
        try {
            $step = $minor === Amount::UNREADABLE ? null : $this->step($said, $minor);
        } catch (NonsenseStep) {
            $step = null;
        }

        return new Cut($step, isset($said['amount']), $minor, $found['text'], $found['at']);
    }

    /**
     * @param  array<array-key, string>  $said
     *
     * @throws NonsenseStep
     */
    private function step(array $said, int $minor): Step
    {
        return match (true) {
            isset($said['half']) => PercentStep::off(BigRational::of(50)),
            isset($said['percent']) => PercentStep::off(BigRational::of(strtr($said['percent'], ',', '.'))),
            isset($said['buy'], $said['pay']) => new BuyGetStep(
                (int) $said['pay'],
                (int) $said['buy'] - (int) $said['pay'],
            ),
            isset($said['get'], $said['free']) => new BuyGetStep((int) $said['get'], (int) $said['free']),
            default => AmountStep::off(new Money($minor, $this->currency)),
        };
    }
}

<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use PluckyWren\Core\Money\Chain\NonsenseStep;
use PluckyWren\Core\Money\Chain\PriceChain;
use PluckyWren\Core\Money\Chain\Step;
use PluckyWren\Core\Money\Chain\StepKind;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;

/** Works out what a line comes to, from its amounts, cuts and count; what could be meant in two ways is asked. */
final readonly class PriceOfLine
{
    public function __construct(private Amounts $reader, private Currency $currency, private PriceWords $words) {}

    private function isThere(): bool
    {
        return $this->words->amounts !== [] || $this->words->deal !== null;
    }

    public function say(Draft $draft, Counts $counts): void
    {
        if (! $this->isThere()) {
            $this->words->cuts === [] || $draft->ask(Ask::PRICE, $this->words->cuts[0]->text);

            return;
        }
        $total = $this->words->deal === null ? $this->total($draft, $counts) : $this->ofDeal($draft, $counts);
        if ($total === null) {
            return;
        }
        if (! $this->reader->canBe($total['minor'])) {
            $draft->ask(Ask::PRICE, $this->reader->typed($total['minor']));

            return;
        }
        $paid = $this->words->cuts === [] ? $total['minor'] : $this->afterCuts($draft, $total, $counts);
        if ($paid === null) {
            return;
        }
        $was = $this->words->was === null
            ? ($this->words->cuts === [] ? null : $total['minor'])
            : $this->words->was->minor * ($total['isEach'] ? $counts->packs() : 1);
        if ($was !== null && $was < $paid) {
            $draft->ask(Ask::PRICE, $this->reader->typed($was));

            return;
        }
        $draft->say('price', $this->reader->typed($paid));
        $draft->say('list_price', $was === null ? null : $this->reader->typed($was));
    }

    /** @return array{minor: int, isEach: bool}|null null where it has to be asked */
    private function total(Draft $draft, Counts $counts): ?array
    {
        $totals = array_map(fn (Amount $amount): int => self::inAll($amount, $counts), $this->words->amounts);
        if (count($this->words->amounts) === 1) {
            return $this->single($draft, $counts, $this->words->amounts[0], $totals[0]);
        }
        [$first, $last] = [$this->words->amounts[0], $this->words->amounts[count($this->words->amounts) - 1]];
        $each = $first->minor * ($counts->packPieces !== null ? $counts->packs() : $counts->pieces());
        if (count($this->words->amounts) === 2 && $each === $last->minor && $first->for !== Amount::ALL) {
            return ['minor' => $last->minor, 'isEach' => false];
        }
        $answers = [];
        foreach (array_unique([$each, $last->minor]) as $minor) {
            $length = $last->at + $last->length - $first->at;
            $answers[$this->reader->typed($minor)] = $draft->scan->with(
                $first->at,
                $length,
                "{$this->reader->typed($minor)} in all",
            );
        }
        $draft->ask(Ask::PRICE, $this->reader->typed($last->minor), $answers);

        return null;
    }

    /** @return array{minor: int, isEach: bool}|null */
    private function single(Draft $draft, Counts $counts, Amount $amount, int $inAll): ?array
    {
        $isUnclear = $amount->for === null && $counts->packPieces !== null && $counts->packs() > 1;
        if (! $isUnclear) {
            return [
                'minor' => $inAll,
                'isEach' => in_array($amount->for, [Amount::EACH, Amount::A_PIECE, Amount::A_PACK], true),
            ];
        }
        $this->askEach($draft, $amount);

        return null;
    }

    /** Ask whether an amount is for each or for all. */
    public function askEach(Draft $draft, Amount $amount): void
    {
        $typed = $this->reader->typed($amount->minor);
        $draft->ask(Ask::EACH, $typed, [
            'each' => $draft->scan->with($amount->at, $amount->length, "{$typed} each"),
            'all' => $draft->scan->with($amount->at, $amount->length, "{$typed} in all"),
        ]);
    }

    /** @return array{minor: int, isEach: bool}|null */
    private function ofDeal(Draft $draft, Counts $counts): ?array
    {
        ['count' => $count, 'minor' => $minor] = $this->words->deal ?? ['count' => 1, 'minor' => 0];
        $pieces = $counts->count ?? $count;
        if ($pieces % $count !== 0 || $this->words->amounts !== []) {
            $draft->ask(Ask::PRICE, $this->reader->typed($minor));

            return null;
        }

        return ['minor' => $minor * intdiv($pieces, $count), 'isEach' => false];
    }

    /**
     * @param  array{minor: int, isEach: bool}  $total
     * @return int|null minor units; null where it has to be asked
     */
    private function afterCuts(Draft $draft, array $total, Counts $counts): ?int
    {
        foreach ($this->words->cuts as $cut) {
            $isOfPieces = $cut->step?->kind() === StepKind::BuyGet && ! $total['isEach'];
            if ($cut->step === null || $cut->isAmount && $total['isEach'] || $isOfPieces) {
                $this->askCut($draft, $cut, $total, $counts);

                return null;
            }
        }
        $packs = $total['isEach'] ? max(1, $counts->packs()) : 1;
        try {
            return PriceChain::of(
                new Money(intdiv($total['minor'], $packs), $this->currency),
                $packs,
                1,
                array_values(array_filter(array_map(static fn (Cut $cut): ?Step => $cut->step, $this->words->cuts))),
            )->paid->minor;
        } catch (NonsenseStep) {
            $draft->ask(Ask::CUT, $this->words->cuts[0]->text);

            return null;
        }
    }

    /** @param array{minor: int, isEach: bool} $total */
    private function askCut(Draft $draft, Cut $cut, array $total, Counts $counts): void
    {
        $answers = [];
        if ($cut->isAmount && count($this->words->amounts) === 1) {
            $amount = $this->words->amounts[0];
            foreach (['all' => 1, 'each' => $counts->packs()] as $answer => $times) {
                $left = $total['minor'] - $cut->minor * $times;
                if ($left >= 0) {
                    $inAll = $this->reader->typed($total['minor']).' now '.$this->reader->typed($left).' in all';
                    $line = $draft->scan->with($cut->at, strlen($cut->text), '');
                    $answers[$answer] = (string) preg_replace(
                        '~'.preg_quote(trim(substr($draft->scan->text, $amount->at, $amount->length)), '~').'~u',
                        $inAll,
                        $line,
                        1,
                    );
                }
            }
        }
        $draft->ask(Ask::CUT, $cut->text, $answers);
    }

    private static function inAll(Amount $amount, Counts $counts): int
    {
        return $amount->minor * match ($amount->for) {
            Amount::A_PIECE => $counts->pieces(),
            Amount::A_PACK, Amount::EACH => $counts->packs(),
            default => 1,
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\Lot;
use App\Models\TargetPrice;
use App\Words\Words;
use Illuminate\Support\Collection;
use PluckyWren\Core\Box\Shopping\OnHand;
use PluckyWren\Core\Box\Shopping\PackLine;
use PluckyWren\Core\Box\Shopping\PacksDecide;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\PriceState;

/** How many boxes like this one the packs are best for. */
final readonly class PacksPage
{
    private const MOST = 100;

    /** It is looked at one box less than is thought of, and so many more. */
    private const MORE = 3;

    private const NAMED = 4;

    /** @param int $count how many boxes are thought of */
    private function __construct(
        public Box $box,
        public PacksDecide $decide,
        public int $count,
        public int $from,
        public int $to,
        public int $best,
    ) {}

    /** @param int $thoughtOf how many boxes like it; 0 for as many as are open with its theme */
    public static function of(Box $box, int $thoughtOf): self
    {
        $plan = $box->load(Box::CONTENTS)->plan();
        $currency = $box->crew->currency;
        $each = [];
        foreach ($plan->pieces as $piece) {
            $each[$piece->kind->id][0] = ($each[$piece->kind->id][0] ?? 0) + $piece->quantity;
            $each[$piece->kind->id][1] = ($each[$piece->kind->id][1] ?? 0) + ($piece->isToBuy() ? 0 : $piece->quantity);
            $each[$piece->kind->id][2] = $piece->kind;
        }
        $lots = Lot::withSetAside();
        $lots->whereIn('kind', array_keys($each))->orderByDesc('got_on')->orderByDesc('id');
        $byKind = $lots->get()->groupBy('kind');
        $targets = TargetPrice::query()->where('band', '')->get()->keyBy('kind');
        $lines = [];
        foreach ($each as $kind => [$count, $inIt, $itemKind]) {
            /** @var Collection<int, Lot> $of */
            $of = $byKind->get($kind) ?? new Collection;
            $free = (int) $of->filter(static fn (Lot $lot): bool => $lot->due_on === null
                && OnHand::suits($itemKind, $lot->size_label ?? '', $plan->recipient->band))
                ->sum(static fn (Lot $lot): int => $lot->stock()->onHand());
            $bought = $of->first(static fn (Lot $lot): bool => $lot->price_state === PriceState::Paid
                && $lot->paid?->currency->code === $currency->code && ! $lot->paid->isZero());
            $pack = max(1, $bought->pack_pieces ?? 1);
            $price = $bought?->paid === null
                ? $targets->get($kind)?->amount()->each()->times($pack)
                : $bought->paid->exactly()->dividedAmong($bought->pieces)->times($pack);
            $lines[] = new PackLine($itemKind, $count, $inIt + $free, $pack, $price);
        }
        $decide = new PacksDecide($lines, $currency);

        // A box that is all there says nothing about packs: then it is asked how many more.
        $least = $decide->outlay(1)->rounded()->isZero() ? 2 : 1;
        $count = max($least, min(self::MOST, $thoughtOf > 0 ? $thoughtOf : self::run($box)));
        [$from, $to] = [max(1, $count - 1), $count + self::MORE];

        return new self($box, $decide, $count, $from, $to, $decide->best(max($least, $from), $to));
    }

    public function outlay(int $boxes): string
    {
        return self::written($this->decide->outlay($boxes));
    }

    public function eachBox(int $boxes): string
    {
        return self::written($this->decide->eachBox($boxes));
    }

    /** Why the best number is the best, in words; empty where no pack is used up. */
    public function why(): string
    {
        $used = $this->decide->usedUp($this->best);

        return $used === null ? '' : trans_choice('plan/packs.why', $used[1], ['pack' => $used[0]]);
    }

    /** How many boxes with the same theme are open: the run that it belongs to. */
    private static function run(Box $box): int
    {
        $boxes = Box::stillOpen()->where('theme', $box->theme);

        return max(1, $boxes->count());
    }

    public function leftOver(int $boxes): string
    {
        return self::written($this->decide->leftOver($boxes));
    }

    /** @return list<array{name: string, packs: int, pack: int, left: int}> of what is left most */
    public function packs(int $boxes): array
    {
        return array_map(static fn (PackLine $line): array => [
            'name' => $line->kind->name, 'packs' => $line->packs($boxes), 'pack' => $line->pack,
            'left' => $line->left($boxes),
        ], array_slice($this->decide->packed($boxes), 0, self::NAMED));
    }

    private static function written(ExactAmount $amount): string
    {
        return $amount->rounded()->format();
    }
}

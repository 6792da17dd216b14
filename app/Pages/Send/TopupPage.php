<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Models\Lot;
use App\Models\TopupBag;
use App\Models\TopupPiece;
use App\Queries\FreeLots;
use App\Queries\OnHand;
use Illuminate\Database\Eloquent\Collection;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;

/** What lies free by lane, and the bags that were made of it. */
final readonly class TopupPage
{
    /**
     * @param  array<string, int>  $free  pieces by the lane's id, without those where none are
     * @param  Collection<int, TopupBag>  $bags  with `pieces`, the last first
     */
    private function __construct(public array $free, public Collection $bags) {}

    public static function of(int $season): self
    {
        return new self(self::free(), TopupBag::query()->with('pieces')->where('season', $season)->get()
            ->sortByDesc('id')->values());
    }

    /** @return array<string, int> pieces by the lane's id, in the order of the lanes */
    public static function free(): array
    {
        $catalogue = resolve(Catalogue::class);
        $free = array_fill_keys(array_column(Category::cases(), 'value'), 0);
        foreach (OnHand::byKind() as $kind => $pieces) {
            $free[$catalogue->get($kind)->category->value] += $pieces;
        }

        return array_filter($free);
    }

    /** @return Collection<int, Lot> of which something lies free, by name */
    public static function lotsOf(Category $lane): Collection
    {
        return FreeLots::ofKinds(array_keys(resolve(Catalogue::class)->ofCategory($lane)));
    }

    /** What is in it cost together, of what has a known price. */
    public static function cost(TopupBag $bag, Currency $currency): ExactAmount
    {
        $sum = ExactAmount::zero($currency);
        foreach ($bag->pieces as $piece) {
            $cost = $piece->cost();
            $sum = $cost === null ? $sum : $sum->plus($cost);
        }

        return $sum;
    }

    public static function withoutPrice(TopupBag $bag): int
    {
        return (int) $bag->pieces->where('paid_minor', null)->sum('quantity');
    }

    /** “6 × Eraser, blue, Ruler”. */
    public static function contents(TopupBag $bag): string
    {
        return $bag->pieces->map(static fn (TopupPiece $piece): string => $piece->quantity > 1
            ? "{$piece->quantity} × {$piece->name}"
            : $piece->name)->implode(', ');
    }
}

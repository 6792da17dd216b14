<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Lot;
use App\Support\Texts;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\KitPart;
use PluckyWren\Core\Stash\KitPlan;

/** The lots that were chosen for a kit, how many of each go in, and what comes of it. */
final readonly class KitTable
{
    /** So many different things go into one kit at most, and so many of one. */
    public const MOST_PARTS = 30;

    public const MOST_EACH = 100;

    /**
     * @param  Collection<int, Lot>  $lots  as they were chosen
     * @param  array<string, int>  $each  how many go into one kit, by the lot's id
     */
    private function __construct(
        public Collection $lots,
        public array $each,
        public KitPlan $plan,
        public ?ItemKind $kind,
        public string $name,
        public int $count,
    ) {}

    public static function of(Request $request, Catalogue $catalogue, Currency $currency): self
    {
        $text = static fn (string $field): string => is_string($request->input($field))
            ? trim(mb_substr($request->input($field), 0, 80))
            : '';
        $each = self::each($request);
        $query = Lot::withSetAside()->whereKey(array_keys($each));
        $query->orderBy('name');
        $lots = $query->get();
        $each = array_intersect_key($each, $lots->keyBy('id')->all());
        $parts = [];
        foreach ($lots as $lot) {
            if ($each[$lot->id] > 0) {
                $parts[] = new KitPart($lot->thing(), $each[$lot->id], $lot->stock()->onHand(), $lot->price());
            }
        }
        $plan = new KitPlan($parts, $currency);
        $kind = $catalogue->named($text('kind')) ?? ($text('kind') === '' ? self::likelyKind($plan, $catalogue) : null);
        $count = $request->input('count');
        $isCount = is_string($count) && preg_match('/^\d{1,4}$/', $count) === 1;

        return new self(
            $lots,
            $each,
            $plan,
            $kind,
            $text('name') === '' ? ($kind->name ?? '') : $text('name'),
            $isCount ? (int) $count : max(1, $plan->canMake()),
        );
    }

    public function canBeMade(): bool
    {
        return $this->kind !== null
            && $this->plan->stuck() === null
            && $this->count >= 1
            && $this->count <= $this->plan->canMake();
    }

    /** A filled pouch of school things is one of those, one of things to wash with a care bag. */
    private static function likelyKind(KitPlan $plan, Catalogue $catalogue): ?ItemKind
    {
        $lanes = array_count_values(array_map(
            static fn (KitPart $part): string => $part->thing->kind->category->value,
            $plan->parts,
        ));
        arsort($lanes);
        $id = match (array_key_first($lanes)) {
            'school' => 'school-pouch-filled',
            'care' => 'care-bag-filled',
            default => $plan->holder()?->thing->kind->id,
        };

        return $id === null ? null : $catalogue->get($id);
    }

    /** @return array<string, int> by the lot's id; those that were only ticked go in once */
    private static function each(Request $request): array
    {
        $each = array_fill_keys(Texts::of($request->input('lots')), 1);
        foreach ((array) $request->input('each') as $lot => $count) {
            $each[(string) $lot] = is_string($count) && preg_match('/^\d{1,3}$/', $count) === 1
                ? min(self::MOST_EACH, (int) $count)
                : 0;
        }

        return array_slice($each, 0, self::MOST_PARTS, true);
    }
}

<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\Lot;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use PluckyWren\Core\Stash\Catalogue;

/** What was done to a box lately, in words. */
final readonly class BoxStory
{
    private const SHOWN = 30;

    /**
     * @param  Collection<int, BoxChange>  $changes  newest first
     * @param  array<string, string>  $names  of the lots in them, by id
     */
    private function __construct(public Collection $changes, private array $names, private Catalogue $catalogue) {}

    public static function of(Box $box): self
    {
        return self::told(BoxChange::query()->where('box_id', $box->id));
    }

    /** The boxes that were deleted and can be brought back. */
    public static function deleted(): self
    {
        $gone = BoxChange::query()->where('what', 'deleted')->where('undone_at', null);
        $gone->whereNotIn('box_id', Box::query()->select('id'));

        return self::told($gone);
    }

    /** Get what a change is about, as “: 2 × Soap, a comb”; empty where it is about the box itself. */
    public function namesOf(BoxChange $change): string
    {
        $names = [];
        foreach ($change->before['pieces'] as $id => $before) {
            $after = $change->after['pieces'][$id] ?? null;
            $row = $after ?? $before ?? [];
            $name = is_string($row['lot_id'] ?? null)
                ? $this->names[$row['lot_id']] ?? ''
                : $this->catalogue->get((string) ($row['kind'] ?? ''))->name;
            $counts = array_unique(
                array_filter([$before['quantity'] ?? null, $after['quantity'] ?? null], is_numeric(...)),
            );
            $names[] = trim(implode(' → ', $counts)." × {$name}");
        }

        return $names === [] ? '' : ': '.implode(', ', array_slice($names, 0, 3)).(count($names) > 3 ? ' …' : '');
    }

    /** @param Builder<BoxChange> $query */
    private static function told(Builder $query): self
    {
        $query->orderByDesc('id')->limit(self::SHOWN);
        $changes = $query->get();
        $lots = [];
        foreach ($changes as $change) {
            foreach ([...$change->before['pieces'], ...$change->after['pieces']] as $piece) {
                if (is_string($piece['lot_id'] ?? null)) {
                    $lots[$piece['lot_id']] = true;
                }
            }
        }
        /** @var array<string, string> $names */
        $names = $lots === [] ? [] : Lot::query()->whereKey(array_keys($lots))->pluck('name', 'id')->all();

        return new self($changes, $names, resolve(Catalogue::class));
    }
}

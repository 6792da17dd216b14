<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\Lot;
use App\Words\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use PluckyWren\Core\Stash\Catalogue;

/** What was done to a box lately, in words. */
final readonly class BoxStory
{
    private const SHOWN = 30;

    private const NAMED = 3;

    /**
     * @param  list<array{
     *     change: int, what: string, theme: string, about: string, by: string, at: string, isUndone: bool,
     *     canBeUndone: bool,
     * }> $lines  newest first; `change` is its id, `about` is as “: 2 × Soap, a comb” or empty
     */
    private function __construct(public array $lines) {}

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

    /** @param Builder<BoxChange> $query */
    private static function told(Builder $query): self
    {
        $query->orderByDesc('id')->limit(self::SHOWN);
        $changes = $query->get();
        $about = self::linesOf($changes);

        return new self(array_values($changes->map(static fn (BoxChange $change): array => [
            'change' => $change->id,
            'what' => $change->what,
            'theme' => $change->theme,
            'about' => $about[$change->id],
            'by' => $change->by,
            'at' => Words::moment($change->created_at),
            'isUndone' => $change->undone_at !== null,
            'canBeUndone' => $change->canBeUndone(),
        ])->all()));
    }

    /**
     * What changes are about: as “: 2 × Soap, a comb”, or empty.
     *
     * @param  Collection<int, BoxChange>  $changes
     * @return array<int, string> by their ids
     */
    public static function linesOf(Collection $changes): array
    {
        // What a change holds is decoded each time that it is asked for.
        $pieces = $lots = [];
        foreach ($changes as $change) {
            [$before, $after] = $pieces[$change->id] = [$change->before['pieces'], $change->after['pieces']];
            array_push($lots, ...array_column($before, 'lot_id'), ...array_column($after, 'lot_id'));
        }
        /** @var array<string, string> $names */
        $names = $lots === []
            ? []
            : Lot::query()->whereKey(array_unique(array_filter($lots)))->pluck('name', 'id')->all();

        return array_map(
            static fn (array $one): string => self::about($one[0], $one[1], $names),
            $pieces,
        );
    }

    /**
     * What a change is about; empty where it is about the box itself.
     *
     * @param  array<string, array<string, mixed>|null>  $before  pieces by id
     * @param  array<string, array<string, mixed>|null>  $after
     * @param  array<string, string>  $lots  their names, by id
     */
    private static function about(array $before, array $after, array $lots): string
    {
        $names = [];
        foreach ($before as $id => $was) {
            $is = $after[$id] ?? null;
            $row = $is ?? $was ?? [];
            $kind = $row['kind'] ?? '';
            $name = is_string($row['lot_id'] ?? null)
                ? $lots[$row['lot_id']] ?? ''
                : resolve(Catalogue::class)->get(is_string($kind) ? $kind : '')->name;
            $counts = array_unique(array_filter([$was['quantity'] ?? null, $is['quantity'] ?? null], is_numeric(...)));
            $names[] = trim(implode(' → ', $counts)." × {$name}");
        }
        $more = count($names) > self::NAMED ? ' …' : '';

        return $names === [] ? '' : ': '.implode(', ', array_slice($names, 0, self::NAMED)).$more;
    }
}

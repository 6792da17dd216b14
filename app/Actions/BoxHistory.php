<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\Piece;
use App\Support\Deed;
use App\Support\Member;
use Closure;
use Illuminate\Support\Facades\DB;

/**
 * Tells what was done to boxes: looks at a box and its pieces before and after a deed, and keeps the difference.
 *
 * @phpstan-import-type BoxState from BoxChange
 * @phpstan-import-type RowsByTable from GoesAlong
 */
final class BoxHistory
{
    private const NOT_TOLD = [
        'version' => true, 'updated_at' => true, 'created_at' => true, 'is_laid_out' => true, 'is_missing' => true,
    ];

    /** Marks on the request: to which boxes something is being done, and the changes that were kept, oldest first. */
    private const UNDER_WAY = 'history.under-way.';

    private const KEPT = 'history.kept';

    /**
     * Do something to a box and keep what it changed; a deed within a deed is told with it.
     *
     * @template T
     *
     * @param  Closure(): T  $deed
     * @param  RowsByTable  $with  what goes with the box where it is deleted
     * @return T
     */
    public function of(Box $box, string $what, Closure $deed, array $with = []): mixed
    {
        return DB::transaction(function () use ($box, $what, $deed, $with): mixed {
            if (request()->attributes->has(self::UNDER_WAY.$box->id)) {
                return $deed();
            }
            request()->attributes->set(self::UNDER_WAY.$box->id, true);
            try {
                $before = self::state($box->id);
                $result = $deed();
                $this->keep($box, $what, $before, self::state($box->id), $with);
            } finally {
                request()->attributes->remove(self::UNDER_WAY.$box->id);
            }

            return $result;
        });
    }

    /** Get the address at which the newest change is undone; empty where there is none. */
    public function undoAddress(): string
    {
        $kept = self::kept();
        $last = array_pop($kept);

        return $last?->canBeUndone() === true ? route('box-changes.undo', $last) : '';
    }

    /** Get the address at which all that was done to several boxes is undone in one press; empty where nothing was. */
    public function undoAllAddress(): string
    {
        $kept = self::kept();
        $last = array_pop($kept);

        return $last === null
            ? ''
            : route('box-changes.undo', ['change' => $last, 'also' => array_column($kept, 'id')]);
    }

    /** @return list<BoxChange> by this request, oldest first */
    private static function kept(): array
    {
        /** @var list<BoxChange> */
        return request()->attributes->get(self::KEPT, []);
    }

    /** @return BoxState */
    public static function state(string $boxId): array
    {
        $box = Box::query()->toBase()->where('id', $boxId)->first();
        $pieces = [];
        foreach (Piece::query()->toBase()->where('box_id', $boxId)->get() as $piece) {
            $pieces[(string) $piece->id] = array_diff_key((array) $piece, self::NOT_TOLD);
        }

        return ['box' => $box === null ? null : array_diff_key((array) $box, self::NOT_TOLD), 'pieces' => $pieces];
    }

    /**
     * @param  BoxState  $before
     * @param  BoxState  $after
     * @param  RowsByTable  $with
     */
    private function keep(Box $box, string $what, array $before, array $after, array $with): void
    {
        $isWhole = $before['box'] === null || $after['box'] === null;
        if (! $isWhole) {
            $changed = array_keys(
                array_filter(
                    $before['box'],
                    static fn (mixed $value, string $column): bool => $value !== ($after['box'][$column] ?? null),
                    ARRAY_FILTER_USE_BOTH,
                ),
            );
            [$before['box'], $after['box']] = [
                array_intersect_key($before['box'], array_flip($changed)),
                array_intersect_key($after['box'], array_flip($changed)),
            ];
        }
        foreach (array_keys($before['pieces'] + $after['pieces']) as $id) {
            [$was, $is] = [$before['pieces'][$id] ?? null, $after['pieces'][$id] ?? null];
            if ($was === $is) {
                unset($before['pieces'][$id], $after['pieces'][$id]);
            } else {
                [$before['pieces'][$id], $after['pieces'][$id]] = [$was, $is];
            }
        }
        if ($isWhole || $before['box'] !== [] || $before['pieces'] !== []) {
            $change = BoxChange::query()->create([
                'crew_id' => $box->crew_id,
                'box_id' => $box->id,
                'theme' => $box->theme,
                'by' => Member::name(),
                'what' => $what,
                'before' => $with === [] ? $before : [...$before, 'with' => $with],
                'after' => $after,
                'deed' => Deed::id(),
            ]);
            request()->attributes->set(self::KEPT, [...self::kept(), $change]);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CrewGuide;
use App\Models\Lot;
use App\Models\OwnKind;
use App\Models\Piece;
use App\Models\TargetPrice;
use App\Reference\Kinds;
use App\Refusals\KindInUse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\InsideFields;
use PluckyWren\Core\Stash\KindDraft;
use PluckyWren\Core\Stash\KindReader;

/**
 * The kinds that a crew makes itself: new ones, put right, joined, dropped, taken in from a file.
 *
 * @phpstan-import-type KindData from KindReader
 * @phpstan-import-type InsidePiece from InsideFields
 */
final readonly class KeepOwnKind
{
    private const LONGEST_SLUG = 40;

    public function __construct(private Kinds $kinds, private Once $once) {}

    public function asNew(KindDraft $draft): OwnKind
    {
        return $this->changing(function () use ($draft): OwnKind {
            $this->once->claim();

            return OwnKind::query()->create([
                'id' => $id = $this->freeId($draft->name),
                'category' => $draft->category,
                'line' => $draft->line($id, $this->lineOf($draft)),
            ]);
        });
    }

    public function change(OwnKind $kind, KindDraft $draft): void
    {
        $this->changing(static function () use ($kind, $draft): void {
            $fresh = OwnKind::query()->findOrFail($kind->id);
            $line = $draft->line($fresh->id, $fresh->line);
            // What it counts as stays, unless another kind was named that it is like.
            $line += array_intersect_key($fresh->line, ['countsAs' => true]);
            $fresh->update(['category' => $draft->category, 'line' => $line]);
        });
    }

    /** Make everything of one kind a thing of another, which is called by its name too from then on. */
    public function join(OwnKind $kind, string $into): void
    {
        $this->changing(function () use ($kind, $into): void {
            $fresh = OwnKind::query()->findOrFail($kind->id);
            foreach (Lot::query()->where('kind', $fresh->id)->get() as $lot) {
                $lot->update(['kind' => $into]);
            }
            foreach (Piece::query()->where('kind', $fresh->id)->get() as $piece) {
                $there = Piece::query()->where('box_id', $piece->box_id)->where('kind', $into)->first();
                if ($there === null) {
                    $piece->update(['kind' => $into]);
                } else {
                    $there->update(['quantity' => min(FillBox::MOST_OF_ONE, $there->quantity + $piece->quantity)]);
                    $piece->delete();
                }
            }
            self::joinInside($fresh->id, $into);
            TargetPrice::query()->where('kind', $fresh->id)->delete();
            $other = OwnKind::query()->find($into);
            if ($other !== null) {
                $also = array_values(array_unique([...$other->line['also'] ?? [], $fresh->line['name']]));
                $other->update(['line' => ['also' => $also] + $other->line]);
            }
            $fresh->delete();
        });
    }

    /** What lies in kits, and what the crew's guides ask for, is of the other kind too. */
    private static function joinInside(string $from, string $into): void
    {
        foreach (Lot::query()->where('holds', 'like', "%\"{$from}\"%")->get() as $lot) {
            $holds = $lot->holds;
            if (array_is_list($holds)) {
                /** @var list<InsidePiece> $holds */
                foreach ($holds as $place => $piece) {
                    $holds[$place] = $piece['kind'] === $from ? ['kind' => $into] + $piece : $piece;
                }
            } else {
                $holds[$into] = ($holds[$into] ?? 0) + $holds[$from];
                unset($holds[$from]);
            }
            $lot->update(['holds' => $holds]);
        }
        foreach (CrewGuide::query()->where('data', 'like', "%\"{$from}\"%")->get() as $guide) {
            $data = $guide->data;
            foreach (['needs', 'wishes'] as $list) {
                foreach ((array) ($data[$list] ?? []) as $place => $need) {
                    $kinds = array_map(
                        static fn (string $kind): string => $kind === $from ? $into : $kind,
                        $need['anyOf'] ?? [],
                    );
                    $taken = $kinds === [] ? [] : ['anyOf' => array_values(array_unique($kinds))];
                    $data[$list][$place] = $taken + $need;
                }
            }
            $guide->update(['data' => $data]);
        }
    }

    /** @throws KindInUse If there are things of it. */
    public function drop(OwnKind $kind): void
    {
        $this->changing(static function () use ($kind): void {
            $isUsed = Lot::query()->where('kind', $kind->id)->exists()
                || Lot::query()->where('holds', 'like', "%\"{$kind->id}\"%")->exists()
                || Piece::query()->where('kind', $kind->id)->exists();
            $isUsed && throw KindInUse::said();
            OwnKind::query()->findOrFail($kind->id)->delete();
        });
    }

    /**
     * Take kinds in from a file; one that the crew has under the same name already is left as it is.
     *
     * @param  list<array{category: string, kinds: list<KindData>}>  $files
     * @return int how many came in
     */
    public function takeIn(array $files): int
    {
        return $this->changing(function () use ($files): int {
            $this->once->claim();
            $count = 0;
            foreach ($files as ['category' => $category, 'kinds' => $lines]) {
                foreach ($lines as $line) {
                    if ($this->kinds->inHand()->named($line['name']) === null) {
                        $id = $this->freeId($line['name']);
                        OwnKind::query()->create([
                            'id' => $id, 'category' => Category::from($category), 'line' => ['id' => $id] + $line,
                        ]);
                        $this->kinds->forget();
                        $count++;
                    }
                }
            }

            return $count;
        });
    }

    /**
     * @template T
     *
     * @param  callable(): T  $change
     * @return T
     */
    private function changing(callable $change): mixed
    {
        try {
            return DB::transaction(static fn (): mixed => $change());
        } finally {
            $this->kinds->forget();
        }
    }

    /** @return KindData|null */
    private function lineOf(KindDraft $draft): ?array
    {
        return $draft->like === null
            ? null
            : $this->kinds->inHand()->lines([$draft->like->id])[0]['kinds'][0] ?? null;
    }

    private function freeId(string $name): string
    {
        $slug = mb_substr(Str::slug($name), 0, self::LONGEST_SLUG);
        $base = Catalogue::OWN.(preg_match('/^[a-z0-9]/', $slug) === 1 ? $slug : 'kind');
        $id = $base;
        for ($copy = 2; $this->kinds->inHand()->has($id); $copy++) {
            $id = "{$base}-{$copy}";
        }

        return $id;
    }
}

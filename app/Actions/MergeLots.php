<?php

declare(strict_types=1);

namespace App\Actions;

use App\Crews\CrewInHand;
use App\Models\Lot;
use App\Models\LotChange;
use App\Models\Piece;
use App\Refusals\CannotMerge;
use App\Refusals\CannotUndo;
use App\Words\Words;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Season\Season;
use PluckyWren\Core\Stash\LotLimits;
use PluckyWren\Core\Stash\NotEnoughLeft;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Source;

/** Makes two lots one, where they are alike; what differs otherwise is asked about, so that nothing known is lost. */
final readonly class MergeLots
{
    /** What has to be the same: columns by the name of the field they are shown as. */
    private const ALIKE = [
        'kind' => ['kind'],
        'price_state' => ['price_state', 'currency'],
        'length_tenths' => ['length_tenths', 'width_tenths', 'height_tenths'],
        'size_label' => ['size_label'],
        'packaged_length_tenths' => [
            'packaged_length_tenths', 'packaged_width_tenths', 'packaged_height_tenths', 'is_packaged',
        ],
        'holds' => ['holds'],
        'said' => ['said'],
        'due_on' => ['due_on'],
        'fault' => ['fault', 'fault_end'],
    ];

    /** What may differ, and then is asked about. */
    private const ASKED = [
        'name',
        'source',
        'place',
        'got_on',
        'list_minor',
        'is_measured',
        'traits',
        'colours',
        'kept',
        'note',
        'materials',
        'minutes',
        'desk',
    ];

    public function __construct(private ChangeLot $changeLot, private CrewInHand $hand, private Once $once) {}

    /**
     * @return list<string> the fields in which two lots are too unlike to be one, as columns; empty where they are
     *     alike
     */
    public function unlike(Lot $into, Lot $from): array
    {
        $unlike = array_keys(
            array_filter(
                self::ALIKE,
                static fn (array $columns): bool => self::values($into, $columns) !== self::values($from, $columns),
            ),
        );
        if (
            ($into->source === Source::Given || $from->source === Source::Given)
                && self::values($into, ['source', 'place']) !== self::values($from, ['source', 'place'])
        ) {
            $unlike[] = 'giver';
        }
        $handIn = $this->hand->guide()->terms->handIn;
        if (Season::of($handIn, $into->got_on)->year !== Season::of($handIn, $from->got_on)->year) {
            $unlike[] = 'season';
        }

        return $unlike;
    }

    /** @return list<string> columns in which two alike lots differ */
    public function differing(Lot $into, Lot $from): array
    {
        // Two list prices add up; where only one is known, it is not the list price of both.
        return array_values(array_filter(self::ASKED, static fn (string $column): bool => $column === 'list_minor'
            ? ($into->list === null) !== ($from->list === null)
            : self::values($into, [$column]) !== self::values($from, [$column])));
    }

    /**
     * Put another lot into this one; what boxes have of it they have of this one then.
     *
     * @param  array<array-key, mixed>  $choices  for each differing column whether it is as in `this` or in the `other`
     *
     * @throws CannotMerge If the two are not alike enough to be one, or what differs is not decided.
     * @throws NotEnoughLeft Never, as together they hold what each held.
     */
    public function execute(Lot $lot, Lot $other, array $choices): void
    {
        DB::transaction(function () use ($lot, $other, $choices): void {
            $this->once->claim();
            [$into, $from] = [Lot::query()->findOrFail($lot->id), Lot::query()->findOrFail($other->id)];
            $into->id !== $from->id || throw CannotMerge::unlike($into->name, $from->name, []);
            $unlike = $this->unlike($into, $from);
            $unlike === []
                || throw CannotMerge::unlike(
                    $into->name,
                    $from->name,
                    array_map(static fn (string $field): string => Words::of("gather/life.fields.{$field}"), $unlike),
                );
            $into->pieces + $from->pieces <= LotLimits::PIECES || throw CannotMerge::tooMany();
            $this->decide($into, $from, $choices);
            $into->pieces += $from->pieces;
            $into->gone += $from->gone;
            $into->paid = $into->paid !== null && $from->paid !== null ? $into->paid->plus($from->paid) : null;
            $into->tags = implode(
                ', ',
                array_unique(
                    array_filter(array_map(trim(...), [...explode(',', $into->tags), ...explode(',', $from->tags)])),
                ),
            );
            $row = $from->getRawOriginal();
            $pieces = Piece::query()
                ->toBase()
                ->where('lot_id', $from->id)
                ->get()
                ->map(static fn (object $piece): array => (array) $piece)
                ->all();
            $into->prepared = $into->prepared->plus($from->prepared);
            $this->changeLot->correct($into, 'merged', ['_other' => $row, '_pieces' => $pieces]);
            foreach ($from->setAsidePieces as $piece) {
                $same = $into->setAsidePieces()->where('box_id', $piece->box_id)->first();
                if ($same === null) {
                    $piece->update(['lot_id' => $into->id]);
                } else {
                    $piece->delete();
                    $same->update([
                        'quantity' => $same->quantity + $piece->quantity, 'done' => $same->done->plus($piece->done),
                    ]);
                }
            }
            $from->delete();
        });
    }

    /** Take two lots apart again: the other as it was, with what boxes had of it as far as they still have it. */
    public static function apart(LotChange $change): void
    {
        /** @var array<string, mixed> $row */
        $row = $change->before['_other'] ?? throw CannotUndo::changedSince();
        DB::table('lots')->insert($row);
        LoosePieces::takeAgain($change->lot_id, self::prepared($row['prepared'] ?? null));
        /** @var list<array<string, mixed>> $pieces */
        $pieces = $change->before['_pieces'] ?? [];
        foreach ($pieces as $piece) {
            $now = Piece::query()->where('box_id', $piece['box_id'])->where('lot_id', $change->lot_id)->first();
            if ($now === null) {
                continue;
            }
            $count = min($now->quantity, (int) $piece['quantity']);
            if ($now->quantity === $count) {
                $now->update(['lot_id' => $row['id']]);
            } else {
                $now->update([
                    'quantity' => $now->quantity - $count,
                    'done' => $now->done->minus(self::prepared($piece['done'] ?? null)),
                ]);
                DB::table('pieces')->insert([...$piece, 'quantity' => $count]);
            }
        }
    }

    private static function prepared(mixed $stored): Prepared
    {
        return Prepared::ofData((array) json_decode(is_string($stored) ? $stored : '[]', true));
    }

    /**
     * @param  array<array-key, mixed>  $choices
     *
     * @throws CannotMerge If something is not decided.
     */
    private function decide(Lot $into, Lot $from, array $choices): void
    {
        $differing = $this->differing($into, $from);
        foreach ($differing as $column) {
            in_array($choices[$column] ?? null, ['this', 'other'], true) || throw CannotMerge::undecided();
            if ($choices[$column] === 'other') {
                $into->setRawAttributes([
                    ...$into->getAttributes(),
                    $column => $from->getAttributes()[$column] ?? null,
                ]);
            }
        }
        if (! in_array('list_minor', $differing, true)) {
            $into->list = $into->list !== null && $from->list !== null ? $into->list->plus($from->list) : null;
        }
    }

    /**
     * @param  list<string>  $columns
     * @return list<string>
     */
    private static function values(Lot $lot, array $columns): array
    {
        return array_map(
            static fn (string $column): string => is_scalar($value = $lot->getRawOriginal($column))
                ? (string) $value
                : '',
            $columns,
        );
    }
}

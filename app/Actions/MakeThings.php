<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\Making;
use App\Models\Recipe;
use App\Queries\OldestLeft;
use App\Refusals\CannotMake;
use App\Words\Words;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Cost;
use PluckyWren\Core\Stash\Lot as LotValue;
use PluckyWren\Core\Stash\LotLimits;
use PluckyWren\Core\Stash\Making\Materials;
use PluckyWren\Core\Stash\Making\Recipe as RecipeValue;
use PluckyWren\Core\Stash\NotEnoughLeft;
use PluckyWren\Core\Stash\Origin;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Remarks;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Thing;

/**
 * Makes things at home by a recipe: what goes in leaves the stash with what it cost, what comes of it lies there as a
 * lot at its true cost.
 *
 * @phpstan-import-type PartData from Making
 * @phpstan-import-type TakenPart from LotParts
 */
final readonly class MakeThings
{
    public function __construct(private LotHistory $history, private LotParts $lotParts, private Once $once) {}

    /**
     * @param  int|null  $minutes  how long it really took; null where nobody looked
     *
     * @throws CannotMake If something is short.
     * @throws NotEnoughLeft If someone took of it at the same time.
     */
    public function make(Recipe $recipe, int $count, ?int $minutes): Lot
    {
        return DB::transaction(function () use ($recipe, $count, $minutes): Lot {
            $this->once->claim();
            $value = $recipe->value();
            $parts = $this->takeOff($value, $count);
            $lot = new Lot(['crew_id' => $recipe->crew_id]);
            $lot->describe($this->made($recipe, $value, $count, $minutes, $parts))->save();
            $this->history->came($lot);
            Making::query()->create([
                'crew_id' => $recipe->crew_id, 'recipe_id' => $recipe->id, 'lot_id' => $lot->id, 'pieces' => $count,
                'minutes' => $minutes, 'parts' => array_map(self::stored(...), $parts),
            ]);

            return $lot;
        });
    }

    /**
     * It was not made after all: what went in goes back.
     *
     * @throws CannotMake If some of what was made is in a box, gone or changed.
     */
    public function undo(Making $making): void
    {
        DB::transaction(function () use ($making): void {
            $fresh = Making::query()->findOrFail($making->id);
            $lot = Lot::withSetAside()->findOrFail($fresh->lot_id);
            [$currency, $isUntouched] = [$lot->crew->currency, $lot->version === 1 && (int) $lot->set_aside === 0];
            $isUntouched || throw CannotMake::madeIsUsed($lot->name);
            $this->history->goes($lot);
            $lot->delete();
            $money = static fn (?int $minor): ?Money => $minor === null ? null : new Money($minor, $currency);
            foreach ($fresh->parts as $part) {
                $this->lotParts->putBack(
                    $part['lot'],
                    $part['row'],
                    $part['pieces'],
                    $money($part['paid']),
                    $money($part['list']),
                    Prepared::ofData($part['prepared']),
                );
            }
        });
    }

    /**
     * Take what goes in off its lots, the oldest first.
     *
     * @return list<array{string, int, TakenPart}> each with the lot's id and how many pieces of it
     *
     * @throws CannotMake If something is short.
     */
    private function takeOff(RecipeValue $recipe, int $count): array
    {
        $takes = $recipe->takes($count);
        $lots = $takes === [] ? [] : OldestLeft::of(array_keys($takes), max($takes))->all();
        $onHand = [];
        foreach ($lots as $lot) {
            $onHand[$lot->kind] = ($onHand[$lot->kind] ?? 0) + $lot->stock()->onHand();
        }
        $short = $recipe->short($count, $onHand);
        $short === [] || throw CannotMake::short(array_map(
            static fn (array $one): string => "{$one[1]} × {$one[0]->name}",
            $short,
        ));
        $parts = [];
        foreach ($lots as $lot) {
            $now = min($takes[$lot->kind], $lot->stock()->onHand());
            if ($now > 0) {
                $parts[] = [$lot->id, $now, $this->lotParts->takeOff($lot->id, $now)];
                $takes[$lot->kind] -= $now;
            }
        }

        return $parts;
    }

    /** @param list<array{string, int, TakenPart}> $parts */
    private function made(Recipe $recipe, RecipeValue $value, int $count, ?int $minutes, array $parts): LotValue
    {
        $crew = $recipe->crew;
        $cost = $value->priced($count, $crew->currency)->rounded();
        $isUnknown = false;
        foreach ($parts as [, , $part]) {
            $cost = $part['paid'] === null ? $cost : $cost->plus($part['paid']);
            $isUnknown = $isUnknown || $part['state'] === PriceState::Unknown;
        }
        $materials = strtr(Materials::written($value->materials), ["\n" => ', ']);

        return new LotValue(
            Thing::usual($value->kind, $recipe->name),
            $count,
            Cost::decided(
                Source::Made,
                $crew->currency,
                $isUnknown ? null : $cost,
                $isUnknown ? PriceState::Unknown : PriceState::Free,
            ),
            new Origin(
                Source::Made,
                null,
                $crew->today(),
                materials: LotLimits::cut('materials', Words::of('gather/makes.of', [
                    'materials' => $materials, 'count' => $value->gives,
                ])),
                minutes: $minutes ?? $value->minutesFor($count),
            ),
            new Remarks,
            Palette::none(),
        );
    }

    /**
     * @param  array{string, int, TakenPart}  $part
     * @return PartData
     */
    private static function stored(array $part): array
    {
        [$lotId, $pieces, $taken] = $part;

        return [
            'lot' => $lotId, 'row' => $taken['row'], 'pieces' => $pieces, 'paid' => $taken['paid']?->minor,
            'list' => $taken['list']?->minor, 'prepared' => $taken['prepared']->data(),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Crew;
use App\Models\KeptAnswers;
use App\Models\Lot;
use App\Models\Piece;
use App\Support\Today;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\BoxKind;
use PluckyWren\Core\Box\Files\BoxDocument;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Cost;
use PluckyWren\Core\Stash\Lot as LotValue;
use PluckyWren\Core\Stash\LotLimits;
use PluckyWren\Core\Stash\Origin;
use PluckyWren\Core\Stash\Packaging;
use PluckyWren\Core\Stash\Remarks;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Thing;

/** Puts a box from a file on the shelf, with lots for what is in it; all of it, or nothing. */
final readonly class ImportBox
{
    public function __construct(private PlanBox $planBox, private FillBox $fillBox) {}

    public function execute(BoxDocument $document, Crew $crew): Box
    {
        return DB::transaction(function () use ($document, $crew): Box {
            $plan = $document->plan;
            $inside = $plan->boxKind->inside;
            $isOwn = $plan->boxKind->id === BoxKind::OWN;
            $box = $this->planBox->execute($crew, new Box([
                'guide' => $document->guideId,
                'band' => $plan->recipient->band->id(),
                'gender' => $plan->recipient->gender,
                'theme' => mb_substr($document->theme, 0, 80),
                'palette' => $document->palette,
                'box_kind' => $plan->boxKind->id,
                'own_size' => $isOwn ? new Size($inside->topLength, $inside->topWidth, $inside->height) : null,
                'own_floor_length_tenths' => $isOwn ? $inside->floorLength : null,
                'own_floor_width_tenths' => $isOwn ? $inside->floorWidth : null,
                'sending_gift' => $plan->funds->sendingGift,
                'budget' => $plan->funds->budget,
                'done' => $plan->settled->boxDone,
                'packing_order' => $plan->ways->packingOrder,
            ]));
            $ids = [];
            foreach ($plan->pieces as $piece) {
                $ids[$piece->id] = $this->piece($box, $piece, $document->places[$piece->id] ?? null)->id;
            }
            $box->refresh()->load('pieces.lot');
            $box->update(['answers' => KeptAnswers::of($box)->named($this->answers($plan->settled->reasons, $ids))]);

            return $box;
        });
    }

    private function piece(Box $box, PlannedPiece $piece, ?string $place): Piece
    {
        if ($piece->isToBuy()) {
            return $this->fillBox->list($box, $piece->kind, $piece->quantity);
        }
        $pack = self::packOf($piece);
        // Where a share of a pack is no whole cent, the whole pack is written down, and the rest of it as gone: the
        // price stays exact.
        $pieces = $pack[1] ?? $piece->quantity;
        $lot = new Lot(['crew_id' => $box->crew_id, 'gone' => $pieces - $piece->quantity]);
        $lot->describe(self::lotOf($piece, $pieces, $pack[0] ?? null, $place, $box->sending_gift->currency));
        $added = $this->fillBox->add($box, $lot, $piece->quantity);
        $added->update(['done' => $piece->prepared, 'work' => $piece->choices->tasks]);

        return $added;
    }

    private static function lotOf(
        PlannedPiece $piece,
        int $pieces,
        ?Money $paid,
        ?string $place,
        Currency $currency,
    ): LotValue {
        $thing = $piece->thing;
        $source = $piece->source ?? Source::Shop;
        $isUnknown = $piece->price->state === PriceState::Unknown;

        return new LotValue(
            new Thing(
                $thing->kind,
                (string) LotLimits::cut('name', $thing->name),
                $thing->measures,
                $thing->traits,
                LotLimits::cut('size_label', $thing->sizeLabel),
                $thing->inside,
                $thing->said,
            ),
            $pieces,
            Cost::decided($source, $currency, $paid, $isUnknown ? PriceState::Unknown : PriceState::Free),
            new Origin($source, LotLimits::cut('place', $place), Today::here()),
            new Remarks,
            Palette::none(),
            $thing->measures->packaging === Packaging::None ? null : $thing->measures->size,
        );
    }

    /**
     * @return array{Money, int}|null what was paid for how many, exact but where no pack has so many; null where it was
     *     nothing, or nobody knows
     */
    private static function packOf(PlannedPiece $piece): ?array
    {
        $pack = $piece->price->packOf($piece->quantity);
        if ($pack !== null && $pack[1] > LotLimits::PIECES) {
            $pack = [$piece->cost()?->rounded() ?? $pack[0], $piece->quantity];
        }

        return $pack === null || $pack[0]->isZero() ? null : $pack;
    }

    /**
     * @param  array<string, string>  $reasons  by key, with the pieces' ids of the file
     * @param  array<string, string>  $ids  the pieces' ids here, by those of the file
     * @return array<string, array{because: string, by: string, at: string}>
     */
    private function answers(array $reasons, array $ids): array
    {
        $answers = [];
        foreach ($reasons as $key => $because) {
            [$finding, $pieces] = [...explode('|', $key, 2), ''];
            $here = array_map(
                static fn (string $id): string => $ids[$id] ?? $id,
                $pieces === '' ? [] : explode(',', $pieces),
            );
            $answers["{$finding}|".implode(',', $here)] = [
                'because' => $because,
                'by' => 'the file',
                'at' => Today::here()->toDateString(),
            ];
        }

        return $answers;
    }
}

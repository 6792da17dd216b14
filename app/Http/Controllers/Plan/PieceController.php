<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\BoxHistory;
use App\Actions\ChoosePiece;
use App\Actions\FillBox;
use App\Http\Requests\Plan\QuantityRequest;
use App\Http\Responses\SheetResponse;
use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use App\Refusals\CannotChangeBox;
use App\Refusals\CannotRide;
use App\Refusals\ChangedMeanwhile;
use App\Words\WhyWords;
use App\Words\Words;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\MessageBag;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\NotEnoughLeft;

final readonly class PieceController
{
    public function __construct(private FillBox $fillBox, private BoxHistory $history) {}

    public function store(QuantityRequest $request, Box $box, Catalogue $catalogue): SheetResponse
    {
        $quantity = $request->integer('quantity');
        $lotId = $request->string('lot')->value();
        if ($lotId === '') {
            $id = $request->string('buy')->value();
            $catalogue->has($id) || abort(404);
            $kind = $catalogue->get($id);

            return $this->tried(
                $box,
                'pick',
                fn (): Piece => $this->fillBox->list($box, $kind, $quantity),
                Words::of('plan/boxes.listed', ['name' => $kind->name]),
            );
        }
        $lot = Lot::query()->findOrFail($lotId);
        Gate::authorize('update', $lot);

        return $this->tried(
            $box,
            'pick',
            fn (): Piece => $this->fillBox->pick($box, $lot, $quantity),
            static fn (Piece $picked): string => $picked->inPlaceOf === []
                ? Words::of('plan/boxes.picked', ['name' => $lot->name])
                : Words::of('plan/boxes.picked-in-place', [
                    'name' => $lot->name, 'others' => Words::listed($picked->inPlaceOf),
                ]),
        );
    }

    public function storeFromGuide(Box $box): SheetResponse
    {
        return $this->tried(
            $box,
            'pick',
            fn (): int => $this->fillBox->listWhatLacks($box),
            Words::of('plan/boxes.listed-from-guide'),
        );
    }

    public function update(QuantityRequest $request, Piece $piece): SheetResponse
    {
        return $this->tried(
            $piece->box,
            "piece-{$piece->id}",
            fn () => $this->fillBox->change(
                $piece,
                $request->integer('quantity'),
                $request->filled('was') ? $request->integer('was') : null,
            ),
            Words::of('plan/boxes.quantity-changed'),
        );
    }

    /** Put it into another piece, or out of it again. */
    public function into(Request $request, Piece $piece, ChoosePiece $choosePiece): SheetResponse
    {
        $into = $request->string('into')->value();

        return $this->tried(
            $piece->box,
            "piece-{$piece->id}",
            fn () => $choosePiece->into($piece, $into === '' ? null : $into),
            Words::of($into === '' ? 'plan/boxes.ride.out' : 'plan/boxes.ride.in', ['name' => self::nameOf($piece)]),
        );
    }

    /** Say which of the guide's needs it fills. */
    public function countsAs(Request $request, Piece $piece, ChoosePiece $choosePiece): SheetResponse
    {
        $need = $request->string('counts_as')->value();
        $guide = $piece->box->load(Box::CONTENTS)->plan()->guide;
        $needs = array_column([...$guide->needs, ...$guide->wishes], 'name', 'id');
        $need === '' || isset($needs[$need]) || abort(404);

        return $this->tried(
            $piece->box,
            "piece-{$piece->id}",
            fn () => $choosePiece->countsAs($piece, $need === '' ? null : $need),
            Words::of(
                $need === '' ? 'plan/boxes.counts.itself' : 'plan/boxes.counts.as',
                ['name' => self::nameOf($piece), 'need' => $needs[$need] ?? ''],
            ),
        );
    }

    public function destroy(Piece $piece): SheetResponse
    {
        return $this->tried(
            $piece->box,
            "piece-{$piece->id}",
            fn () => $this->fillBox->takeOut($piece),
            Words::of('plan/boxes.taken-out', ['name' => self::nameOf($piece)]),
        );
    }

    private static function nameOf(Piece $piece): string
    {
        return $piece->lot->name ?? $piece->itemKind()->name;
    }

    /**
     * Do it, and say what was done; or say beside the field why it cannot be done.
     *
     * @template T
     *
     * @param  Closure(): T  $change
     * @param  string|Closure(T): string  $said
     */
    private function tried(Box $box, string $bag, Closure $change, string|Closure $said): SheetResponse
    {
        try {
            $done = $change();
        } catch (NotEnoughLeft|CannotChangeBox|CannotRide|ChangedMeanwhile $why) {
            return SheetResponse::refused($box, new MessageBag(['quantity' => WhyWords::of($why)]), $bag);
        }

        return SheetResponse::changed($box, is_string($said) ? $said : $said($done), $this->history->undoAddress());
    }
}

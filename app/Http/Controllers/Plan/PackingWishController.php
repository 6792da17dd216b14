<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\BoxHistory;
use App\Actions\WishPacking;
use App\Models\Box;
use App\Models\Piece;
use App\Pages\Plan\BoxSheet;
use App\Pages\Plan\BoxSheets;
use App\Refusals\CannotChangeBox;
use App\Words\Words;
use App\Words\Writing;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Box\Packing\Lies;
use PluckyWren\Core\Box\Packing\PackingWish;

/** Her own way: a piece kept where it is, on top, along a wall, a step earlier; the plan is made again around it. */
final readonly class PackingWishController
{
    private const WISHES = ['pin', 'free', 'earlier', 'later', 'together', 'loose', 'stay', 'spare'];

    public function __construct(
        private WishPacking $wishPacking,
        private BoxHistory $history,
        private BoxSheets $sheets,
        private Writing $write,
    ) {}

    public function update(Request $request, Piece $piece): RedirectResponse
    {
        $request->validate(
            ['wish' => ['required', Rule::in([...self::WISHES, ...array_column(Lies::cases(), 'value')])]],
            ['*' => Words::of('plan/boxes.errors.in')],
        );
        $wish = $request->string('wish')->value();
        $before = $this->says($this->sheets->tried($piece->box));
        try {
            $isDone = $wish === 'pin' ? $this->wishPacking->pin($piece) : $this->change($piece, $wish);
        } catch (CannotChangeBox $why) {
            return to_route('boxes.fit', $piece->box, 303)->with('said', $why->getMessage());
        }
        $sheet = $this->sheets->tried($piece->box->refresh());
        $now = $this->says($sheet);
        $said = match (true) {
            ! $isDone => Words::of('plan/fit.own.nowhere', ['name' => $sheet->packing->nameOf($piece->id)]),
            $now === $before => Words::of('plan/fit.own.free-of-cost', ['now' => $now]),
            default => Words::of('plan/fit.own.costs', ['now' => $now, 'before' => $before]),
        };

        return to_route('boxes.fit', [$piece->box, 'step' => self::stepOf($sheet, $piece)], 303)
            ->with('said', $said)
            ->with('undo', $this->history->undoAddress());
    }

    public function destroy(Box $box): RedirectResponse
    {
        try {
            $this->wishPacking->forget($box);
        } catch (CannotChangeBox $why) {
            return to_route('boxes.fit', $box, 303)->with('said', $why->getMessage());
        }

        return to_route('boxes.fit', $box, 303)
            ->with('said', Words::of('plan/fit.own.gone'))
            ->with('undo', $this->history->undoAddress());
    }

    private function change(Piece $piece, string $wish): bool
    {
        $this->wishPacking->change($piece, static fn (PackingWish $now): PackingWish => match ($wish) {
            'free' => $now->lying(null),
            'earlier' => $now->shifted(-1),
            'later' => $now->shifted(1),
            'together', 'loose' => $now->together($wish === 'together'),
            'stay', 'spare' => $now->staying($wish === 'stay'),
            default => $now->lying(Lies::from($wish)),
        });

        return true;
    }

    /** Get how it closes, and what stays out. */
    private function says(BoxSheet $sheet): string
    {
        $words = $this->write->gauges($sheet->gauges);

        return lcfirst(implode(', ', [$words->room(), ...$words->leftOut()]));
    }

    private static function stepOf(BoxSheet $sheet, Piece $piece): int
    {
        foreach ($sheet->packing->moves() as $move) {
            if ($move->holder() === null && in_array($piece->id, $move->items(), true)) {
                return $move->step;
            }
        }

        return 1;
    }
}

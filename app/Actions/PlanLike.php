<?php

declare(strict_types=1);

namespace App\Actions;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Models\Lot;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Like\LikeBox;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\Shopping\OnHand;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;

/**
 * Plans a box like another, for the same child or for another one: with the same things where they lie free, with
 * others of their kind where they do not, in the size that suits; the rest goes on its list to buy.
 */
final readonly class PlanLike
{
    private const LONGEST = 80;

    public function __construct(private PlanBox $planBox, private FillBox $fillBox, private CrewInHand $hand) {}

    /**
     * @param  Box  $box  the one it is like; load `Box::CONTENTS` first
     * @return array{Box, LikeBox, int} the new box, what was carried over and what was not, and how many pieces of it
     *     lay free
     */
    public function execute(Box $box, AgeBand $band, Gender $gender, string $theme): array
    {
        $guide = $this->hand->guide();
        $recipient = new Recipient($band, $gender);
        $like = LikeBox::of($box->plan(), $guide, $recipient);

        return DB::transaction(function () use ($box, $guide, $band, $gender, $theme, $like): array {
            $new = $this->planBox->execute($box->crew, new Box([
                'guide' => $guide->edition->id, 'band' => $band->id(), 'gender' => $gender, 'theme' => $theme,
                'palette' => $box->palette, 'box_kind' => $box->box_kind, 'own_size' => $box->own_size,
                'own_floor_length_tenths' => $box->own_floor_length_tenths,
                'own_floor_width_tenths' => $box->own_floor_width_tenths,
                'sending_gift' => $guide->terms->sendingGift, 'budget' => $box->budget,
                'packing_order' => $box->packing_order,
            ]));
            $there = 0;
            foreach ($like->carried as $carry) {
                $there += $this->put($new, $carry->piece, $carry->quantity, $band);
            }
            $this->fillBox->listWhatLacks($new);

            return [$new, $like, $there];
        });
    }

    /**
     * Plan several like one, the next ones of a run: numbered after its theme.
     *
     * @param  Box  $box  load `Box::CONTENTS` first
     * @return list<Box>
     */
    public function run(Box $box, AgeBand $band, Gender $gender, string $theme, int $count): array
    {
        return DB::transaction(function () use ($box, $band, $gender, $theme, $count): array {
            $taken = Box::query()->pluck('theme')->all();
            $boxes = [];
            for ($number = 2; count($boxes) < $count; $number++) {
                $name = mb_substr($theme, 0, self::LONGEST - 4)." {$number}";
                if (! in_array($name, $taken, true)) {
                    [$boxes[]] = $this->execute($box, $band, $gender, $name);
                }
            }

            return $boxes;
        });
    }

    /** @return int how many of them lay free */
    private function put(Box $box, PlannedPiece $piece, int $quantity, AgeBand $band): int
    {
        $left = $quantity;
        foreach ($this->lots($piece, $band) as $lot) {
            $take = min($left, $lot->stock()->onHand());
            if ($take > 0) {
                $this->fillBox->pick($box, $lot, $take);
                $left -= $take;
            }
        }
        if ($left > 0) {
            $this->fillBox->list($box, $piece->kind, $left);
        }

        return $quantity - $left;
    }

    /** @return list<Lot> of its kind that lie free and suit the band: those of the same name first, then the oldest */
    private function lots(PlannedPiece $piece, AgeBand $band): array
    {
        $lots = Lot::withSetAside()->where('kind', $piece->kind->id);
        $lots->whereRaw(Lot::HAS_SOME_LEFT);

        return array_values($lots->get()
            ->filter(static fn (Lot $lot): bool => OnHand::suits($piece->kind, $lot->size_label ?? '', $band))
            ->sortBy(static fn (Lot $lot): array => [
                $lot->name === $piece->name ? 0 : 1, $lot->got_on->toDateString(), $lot->id,
            ])
            ->all());
    }
}

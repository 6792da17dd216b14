<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Actions\FillBox;
use App\Fit\FitRoom;
use App\Models\Box;
use App\Models\Crew;
use App\Models\Lot;
use App\Pages\Plan\BoxSheets;
use App\Pages\Plan\FitAnswers;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\LeavingOut;
use PluckyWren\Core\Fit\Answer\Leaving;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;
use Tests\Feature\TestCase;

/** Over all open boxes of the demo table, filled until they are too full. */
final class LeavingOutTest extends TestCase
{
    public function test_no_answer_loses_a_must_have_while_another_would_not_and_each_foretells_what_is_left(): void
    {
        config(['wren.fit.page.attempts' => 2]);
        $this->layTheDemoTable();
        $this->actingAs(Crew::query()->where('is_demo', true)->firstOrFail()->users()->firstOrFail());
        $tried = 0;
        foreach (Box::query()->get()->filter(static fn (Box $box): bool => $box->stage->isOpen()) as $box) {
            DB::beginTransaction();
            $answers = $this->fillUp($box);
            $out = $answers->leaveOut();
            foreach ($out as $one) {
                $tried++;
                self::assertSame($one->mustHaves->filled(), $this->mustHavesWithout($box, $one), $box->theme);
                $this->refuteGentler($answers, $one);
            }
            DB::rollBack();
        }

        self::assertGreaterThan(5, $tried);
    }

    /** Put in what takes most room until something stays out or the lid strains. */
    private function fillUp(Box $box): FitAnswers
    {
        $here = $box->pieces()->pluck('lot_id');
        $query = Lot::withSetAside();
        $query->whereRaw(Lot::HAS_SOME_LEFT)->whereNotIn('id', $here->filter()->all());
        $large = $query->get()->sortByDesc(static fn (Lot $lot): int => $lot->sizeInBox()->volume());
        foreach ($large->take(14)->reverse() as $lot) {
            if (FitAnswers::of($box->refresh())->isTooFull()) {
                break;
            }
            resolve(FillBox::class)->pick($box, $lot, 1);
        }

        return FitAnswers::of($box->refresh());
    }

    private function mustHavesWithout(Box $box, LeavingOut $out): int
    {
        DB::beginTransaction();
        resolve(FillBox::class)->leaveOut($box, $out->leaving->counts);
        $boxes = collect([Box::query()->with(Box::CONTENTS)->findOrFail($box->id)]);
        $filled = resolve(BoxSheets::class)->known($boxes)->firstOrFail()->gauges->mustHaves->filled();
        DB::rollBack();

        return $filled;
    }

    /** No one thing that takes at least the room, and loses fewer must-haves, would do as well. */
    private function refuteGentler(FitAnswers $answers, LeavingOut $out): void
    {
        [$sheet, $filled] = [$answers->sheet, $out->mustHaves->filled()];
        if ($filled === $sheet->gauges->mustHaves->filled()) {
            return;
        }
        $trial = resolve(FitRoom::class)->trial($sheet->box->crew_id);
        $room = self::room($sheet->problem, $out->leaving->counts);
        foreach ($sheet->problem->items as $item) {
            $set = [$item->id => 1];
            $gentler = LeavingOut::gentlest($sheet->plan, [
                new Leaving($set, 0.0, null),
            ])[0];
            if ($gentler->mustHaves->filled() > $filled && self::room($sheet->problem, $set) >= $room) {
                self::assertFalse($trial->of($sheet->problem->without($set))->packsAll(), "{$item->name} would do");
            }
        }
    }

    /** @param array<string, int> $set */
    private static function room(Problem $problem, array $set): float
    {
        return array_sum(array_map(
            static fn (Item $item): float => $item->leastVolume() * ($set[$item->id] ?? 0),
            $problem->items,
        ));
    }
}

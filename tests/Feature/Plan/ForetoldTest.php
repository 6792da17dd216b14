<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Actions\FillBox;
use App\Models\Box;
use App\Models\Crew;
use App\Models\Lot;
use App\Pages\Plan\BoxSheets;
use App\Pages\Plan\Offer;
use App\Pages\Plan\Picker;
use App\Pages\Plan\PickerState;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Guide\Findings;
use PluckyWren\Core\Guide\NeedsFilled;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Money\Money;
use Tests\Feature\TestCase;

/**
 * What the picker foretells of a piece is what the gauges say once it is picked, for all that the demo table offers its
 * open boxes.
 */
final class ForetoldTest extends TestCase
{
    public function test_what_is_foretold_comes_true(): void
    {
        config(['wren.fit.page.attempts' => 1]);
        $this->layTheDemoTable();
        $crew = Crew::query()->where('is_demo', true)->firstOrFail();
        $this->actingAs($crew->users()->firstOrFail());
        [$picker, $sheets, $fillBox] = [resolve(Picker::class), resolve(BoxSheets::class), resolve(FillBox::class)];
        [$rules, $tried] = [resolve(RuleBook::class), 0];
        foreach (Box::query()->get()->filter(static fn (Box $box): bool => $box->stage->isOpen())->take(1) as $box) {
            foreach (
                [
                    null,
                    ...array_map(
                        static fn ($need): string => $need->id,
                        $box->load('pieces.lot')->plan()->guide->needs,
                    ),
                ] as $need
            ) {
                request()->merge(['pick' => '1', 'need' => $need]);
                $plan = $box->load('pieces.lot')->plan();
                $held = array_flip(array_filter($box->pieces->pluck('lot_id')->all()));
                $offers = $picker->fromStash($plan, Gauges::of($plan, null, $rules), PickerState::of(request()));
                foreach ($offers->shown as $offer) {
                    // What is in already grows; what is foretold of it counts as one more piece, and differs only in
                    // how it is told.
                    if (isset($held[$offer->lot->id])) {
                        continue;
                    }
                    DB::beginTransaction();
                    $fillBox->pick($box, $offer->lot, $offer->suggested);
                    $now = $sheets->known(collect([$box->fresh()?->load('pieces.lot') ?? $box]))->firstOrFail()->gauges;
                    DB::rollBack();
                    self::assertComesTrue($now, $offer, $box);
                    $tried++;
                }
            }
        }
        self::assertGreaterThan(50, $tried);
    }

    public function test_of_every_lot_and_every_open_box_what_is_foretold_is_what_its_gauges_say_then(): void
    {
        $this->layTheDemoTable();
        $crew = Crew::query()->where('is_demo', true)->firstOrFail();
        $this->actingAs($crew->users()->firstOrFail());
        [$picker, $rules, $tried] = [resolve(Picker::class), resolve(RuleBook::class), 0];
        request()->merge(['pick' => '1', 'many' => '252']);
        $boxes = Box::query()->get()->filter(static fn (Box $box): bool => $box->stage->isOpen());
        foreach ($boxes as $box) {
            $plan = $box->load(Box::CONTENTS)->plan();
            $offers = $picker->fromStash($plan, Gauges::of($plan, null, $rules), PickerState::of(request()));
            self::assertSame(0, $offers->more);
            foreach ($offers->shown as $offer) {
                $now = Gauges::of($plan->withPicked($offer->planned($offer->suggested)), null, $rules);
                self::assertComesTrue($now, $offer, $box);
                $tried++;
            }
        }
        self::assertSame(count($boxes) * Lot::query()->whereRaw(Lot::CAN_BE_PROMISED)->count(), $tried);
        self::assertGreaterThan(500, $tried);
    }

    private static function assertComesTrue(Gauges $now, Offer $offer, Box $box): void
    {
        $then = $offer->foretold();
        self::assertSame(
            self::told($now->mustHaves, $now->money->total, $now->flags),
            self::told($then->mustHaves, $then->total, $then->flags),
            "{$offer->suggested} × {$offer->lot->name} in {$box->theme}",
        );
    }

    /** @return list<int> */
    private static function told(NeedsFilled $mustHaves, Money $total, Findings $flags): array
    {
        return [
            $mustHaves->filled(),
            $mustHaves->asked(),
            $total->minor,
            count($flags->toMend()),
            count($flags),
        ];
    }
}

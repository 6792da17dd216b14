<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Box;
use App\Models\FitResult;
use App\Models\Piece;
use Illuminate\Support\Facades\Artisan;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Fit\Answer\HowSure;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Measure\Size;
use Tests\Feature\TestCase;

/** What would help where a box is too full; in a box of 300 x 200 x 100 mm of the crew's own, whose lid gives 6 mm. */
final class FitAnswersTest extends TestCase
{
    private Box $own;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->own = $this->box([
            'box_kind' => 'own',
            'own_size' => Size::ofMm(300, 200, 100),
            'own_floor_length_tenths' => 3000,
            'own_floor_width_tenths' => 2000,
        ]);
    }

    public function test_what_to_leave_out_is_offered_and_done_in_one_go(): void
    {
        // Three slabs of 40 mm: one is too many.
        [$soap] = [
            $this->slab('Block of soap', 40),
            $this->slab('Tin car', 40, 'toy-car'),
            $this->slab('Tin boat', 40, 'toy-car'),
        ];
        $page = $this->get("/boxes/{$this->own->id}/fit/answers")->assertOk()->assertSee('Leave out');
        $page->assertSee('costs the box least');

        $this->post("/boxes/{$this->own->id}/fit/leave-out", [
            'counts' => [$soap->id => 1],
        ])->assertRedirect("/boxes/{$this->own->id}/fit");
        self::assertNull(Piece::query()->find($soap->id));
        $this->get("/boxes/{$this->own->id}/fit")
            ->assertSee('Left out, and back in the stash.')
            ->assertSee('Closes flat');
        $this->get("/boxes/{$this->own->id}/fit/answers")
            ->assertSee('Nooks that are left')
            ->assertSee('300 × 200 × 20 mm')
            ->assertDontSee('costs the box least');
    }

    public function test_of_several_only_as_many_are_left_out_as_are_said(): void
    {
        $slabs = $this->slab('Slab', 30, 'toy-car', quantity: 4);
        $this->post("/boxes/{$this->own->id}/fit/leave-out", ['counts' => [$slabs->id => 1]]);

        self::assertSame(3, $slabs->refresh()->quantity);
        $this->post("/boxes/{$this->own->id}/fit/leave-out", [
            'counts' => [$slabs->id => 'all'],
        ])->assertSessionHasErrors('counts.'.$slabs->id);
        $this->post("/boxes/{$this->own->id}/fit/leave-out")->assertSessionHasErrors('counts');
        $this->assertDatabaseHas('pieces', ['id' => $slabs->id, 'quantity' => 3]);
    }

    public function test_a_smaller_one_of_the_same_kind_takes_its_place(): void
    {
        $this->slab('Book', 60, 'toy-car');
        $thick = $this->slab('Thick soap', 50);
        $thin = $this->lot('soap', ['name' => 'Thin soap', 'size' => Size::ofMm(300, 200, 40), 'pieces' => 2]);
        $none = $this->lot('soap', [
            'name' => 'Small soap, all gone',
            'size' => Size::ofMm(30, 20, 10),
            'pieces' => 1,
            'gone' => 1,
        ]);
        $this->get("/boxes/{$this->own->id}/fit/answers")
            ->assertSee('“Thin soap” for “Thick soap”, a smaller one of its kind: all goes in, closes flat', false)
            ->assertDontSee($none->name);

        $this->post("/pieces/{$thick->id}/swap", ['lot' => $thin->id])->assertRedirect();
        self::assertSame(
            ['Book', 'Thin soap'],
            $this->own->pieces()
                ->with('lot')
                ->get()
                ->map(static fn (Piece $piece): string => $piece->lot->name ?? '')
                ->sort()
                ->values()
                ->all(),
        );
        $this->get("/boxes/{$this->own->id}/fit")->assertSee('Thin soap took its place.')->assertSee('Closes flat');
    }

    public function test_a_pouch_is_emptied_where_what_it_holds_goes_in_by_itself(): void
    {
        // 70 mm of car and 90 of pouch are too much; flat, and with two pencils beside it, the pouch goes in.
        $this->slab('Car', 70, 'toy-car');
        $pouch = $this->lot('school-pouch-filled', [
            'name' => 'Filled pouch',
            'size' => Size::ofMm(210, 110, 90),
            'is_measured' => true,
            'holds' => ['pencils' => 2],
        ]);
        Piece::factory()->createOne([
            'box_id' => $this->own->id,
            'lot_id' => $pouch->id,
            'crew_id' => $this->crew->id,
            'quantity' => 1,
        ]);

        $this->get("/boxes/{$this->own->id}/fit/answers")->assertSee(
            'Filled pouch emptied, with what it holds packed beside it: all goes in, closes flat',
        );
    }

    public function test_a_swap_for_what_is_all_set_aside_changes_nothing(): void
    {
        $thick = $this->slab('Thick soap', 50);
        $gone = $this->lot('soap', ['name' => 'Gone', 'pieces' => 1, 'gone' => 1]);

        $this->post("/pieces/{$thick->id}/swap", ['lot' => $gone->id])->assertRedirect();
        self::assertNotNull($thick->fresh());
        self::assertSame(1, $this->own->pieces()->count());
    }

    public function test_another_box_and_another_school_are_shown_and_taken_up(): void
    {
        $this->slab('Long thing', 40, 'toy-car', length: 310, width: 150);
        $page = $this->get("/boxes/{$this->own->id}/fit/answers")
            ->assertSee('The same in another box')
            ->assertSee('Tapered tub')
            // This drive takes no box that broad.
            ->assertDontSee('Wide shoebox')
            ->assertSee('Flat things last');
        $page->assertSee('Closes flat');

        $this->put("/boxes/{$this->own->id}/fit/kind", ['kind' => 'wide-shoebox'])->assertRedirect();
        self::assertSame(['wide-shoebox', null], [$this->own->refresh()->box_kind, $this->own->own_size]);
        $this->get("/boxes/{$this->own->id}")->assertSee('Larger than the drive takes.');
        $this->get('/boxes/new')->assertSee('Larger than the drive takes.');
        $this->put("/boxes/{$this->own->id}/fit/school", ['school' => 'flats-wall'])->assertRedirect();
        self::assertSame(Order::FlatsWall, $this->own->refresh()->packing_order);
        $this->get("/boxes/{$this->own->id}/fit")
            ->assertSee('Packed flat things along the wall.')
            ->assertSee('Flat things along the wall, from now on.');
        $this->put("/boxes/{$this->own->id}/fit/school", ['school' => 'sideways'])->assertSessionHasErrors('school');
        $this->put("/boxes/{$this->own->id}/fit/kind", ['kind' => 'crate'])->assertSessionHasErrors('kind');
    }

    public function test_nothing_is_changed_once_the_lid_is_on(): void
    {
        $soap = $this->slab('Soap', 40);
        $this->own->update(['stage' => Stage::Packed]);

        $this->post("/boxes/{$this->own->id}/fit/leave-out", ['counts' => [$soap->id => 1]])->assertRedirect();
        $this->put("/boxes/{$this->own->id}/fit/school", ['school' => 'flats-last'])->assertRedirect();
        self::assertSame([1, Order::FlatsFirst], [$soap->refresh()->quantity, $this->own->refresh()->packing_order]);
        $this->get("/boxes/{$this->own->id}/fit/answers")->assertDontSee('Pack it so')->assertDontSee('Use this box');
    }

    public function test_pieces_on_hand_that_go_into_a_nook_are_offered_must_haves_first(): void
    {
        $this->slab('Slab', 70, 'toy-car');
        $this->lot('comb', ['name' => 'Red comb', 'size' => Size::ofMm(150, 40, 10)]);
        $this->lot('soap', ['name' => 'Tall soap', 'size' => Size::ofMm(90, 60, 50)]);
        $page = $this->get("/boxes/{$this->own->id}/fit/answers")->assertSee('would go in without moving anything');

        // 30 mm are left above the slab: the comb goes in, 50 mm do not.
        $page->assertSee('Red comb')->assertDontSee('Tall soap');
    }

    public function test_the_measures_are_put_to_test_a_few_at_a_time_and_kept(): void
    {
        $this->slab('Slab', 50, 'toy-car', length: 280, width: 180);
        foreach ([5, 10, 15, 20, 20] as $tries) {
            $this->post("/boxes/{$this->own->id}/fit/sure", [], ['HX-Request' => 'true'])
                ->assertOk()
                ->assertSee("it all fits in {$tries} of {$tries} trial runs.");
        }
        self::assertSame(HowSure::TRIES, strlen(FitResult::query()->where('tries', '<>', '')->firstOrFail()->tries));
        $this->post("/boxes/{$this->own->id}/fit/sure")->assertRedirect("/boxes/{$this->own->id}/fit");
        $this->get("/boxes/{$this->own->id}/fit")
            ->assertSee('20 of 20 trial runs')
            ->assertSee('Everything in it was measured by hand.');
    }

    public function test_boxes_left_alone_are_tried_from_the_command_line_and_others_are_not(): void
    {
        $this->slab('Slab', 50, 'toy-car', length: 280, width: 180);
        Artisan::call('fit:sure');
        self::assertStringContainsString('No box has been left alone long enough.', Artisan::output());
        self::assertSame(0, FitResult::query()->where('tries', '<>', '')->count());

        $this->travel(2)->minutes();
        Artisan::call('fit:sure');
        self::assertStringContainsString('One box was tried.', Artisan::output());
        self::assertSame('11111', FitResult::query()->firstOrFail()->tries);

        // After two months the packing is forgotten, and found again.
        $this->travel(61)->days();
        Artisan::call('fit:sure');
        self::assertSame(['11111'], FitResult::query()->pluck('tries')->all());
        self::assertSame(now()->toDateString(), FitResult::query()->firstOrFail()->created_at->toDateString());
    }

    public function test_how_a_packed_box_lies_is_not_forgotten(): void
    {
        $this->slab('Slab', 50, 'toy-car', length: 280, width: 180);
        $this->get("/boxes/{$this->own->id}")->assertOk();
        $this->own->update(['stage' => Stage::Packed]);

        $this->travel(61)->days();
        Artisan::call('fit:sure');
        self::assertSame(1, FitResult::query()->count());
        self::assertSame(
            61.0,
            abs(FitResult::query()->firstOrFail()->created_at->startOfDay()->diffInDays(now()->startOfDay())),
        );
    }

    public function test_a_longer_try_is_made_once_and_only_tells_what_is_better(): void
    {

        $this->slab('One', 60, 'toy-car');
        $this->slab('Two', 60, 'toy-car');
        $this->get("/boxes/{$this->own->id}")->assertOk()->assertSee('fit/improve');

        $this->post("/boxes/{$this->own->id}/fit/improve")->assertNoContent();
        self::assertTrue(FitResult::query()->firstOrFail()->is_thorough);
        $this->get("/boxes/{$this->own->id}")->assertDontSee('fit/improve');
        $this->post("/boxes/{$this->own->id}/fit/improve?steps=1", ['step' => '1'])
            ->assertNoContent()
            ->assertHeader('HX-Trigger', 'packed-at-length');
    }

    public function test_what_waits_for_another_box_is_tried_as_soon_as_that_is_done(): void
    {
        $this->slab('One', 60, 'toy-car');
        // Another box of the crew's is being worked out.
        $turn = fopen(storage_path("framework/fit/{$this->own->crew_id}.lock"), 'c');
        self::assertIsResource($turn);
        flock($turn, LOCK_EX);

        $waits = 'this follows in a moment';
        $this->get("/boxes/{$this->own->id}")->assertOk()->assertSee($waits)->assertSee('packing-waits');
        $this->get("/boxes/{$this->own->id}/fit")
            ->assertOk()
            ->assertSee($waits)
            ->assertSee('packing-waits')
            ->assertDontSee('Nothing to fit in yet');
        foreach (['', '?steps=1'] as $from) {
            $this->post("/boxes/{$this->own->id}/fit/improve{$from}")
                ->assertNoContent()
                ->assertHeader('HX-Trigger', 'packing-waits');
        }
        self::assertSame(0, FitResult::query()->count());

        fclose($turn);
        $this->post("/boxes/{$this->own->id}/fit/improve")->assertOk()->assertSee('Closes flat');
        $this->get("/boxes/{$this->own->id}/fit")->assertOk()->assertDontSee($waits)->assertSee('Step 1 of 1');
    }

    public function test_the_drawing_leaves_as_a_picture_of_its_own(): void
    {
        $this->slab('Slab <b>', 50, 'toy-car');
        $answer = $this->get("/boxes/{$this->own->id}/fit.svg?turn=1")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/svg+xml');
        $svg = simplexml_load_string((string) $answer->getContent());

        self::assertNotFalse($svg);
        self::assertSame('svg', $svg->getName());
        self::assertStringContainsString('.lane-play .face-top{fill:#', (string) $answer->getContent());
        self::assertStringContainsString('Slab &lt;b&gt;', (string) $answer->getContent());
    }

    public function test_a_new_lot_is_measured_like_the_last_one(): void
    {
        $this->lot('soap', ['name' => 'Oat soap', 'size' => Size::ofMm(83, 52, 31), 'is_measured' => true]);
        $this->get('/lots/new?kind=soap')
            ->assertSee('Like the last one: “Oat soap”', false)
            ->assertSee('How to measure it')
            ->assertDontSee('value="83"', false);

        $this->get('/lots/new?kind=soap&like=1')
            ->assertSee('value="83"', false)
            ->assertSee('name="is_measured" value="1" checked', false);
        $this->get('/lots/new?kind=plush-small')->assertSee('press it with the flat of a hand');
    }

    /** A slab as long and broad as the box unless it is said otherwise. */
    private function slab(
        string $name,
        int $mm,
        string $kind = 'soap',
        int $quantity = 1,
        int $length = 300,
        int $width = 200,
    ): Piece {
        $lot = $this->lot($kind, [
            'name' => $name,
            'size' => Size::ofMm($length, $width, $mm),
            'is_measured' => true,
            'pieces' => $quantity,
        ]);

        return Piece::factory()->createOne([
            'box_id' => $this->own->id,
            'lot_id' => $lot->id,
            'crew_id' => $this->crew->id,
            'quantity' => $quantity,
        ]);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\Crew;
use App\Models\CrewGuide;
use App\Models\Lot;
use App\Models\LotChange;
use App\Models\Piece;
use App\Models\Recipe;
use App\Models\RowChange;
use App\Models\TargetPrice;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\Feature\TestCase;

final class LatelyTest extends TestCase
{
    use UndoesDeeds;

    /** What people care for. */
    private const TABLES = [
        'boxes', 'lots', 'pieces', 'target_prices', 'own_labels', 'recipes', 'crew_guides', 'crews',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_a_receipt_is_undone_in_one_press_with_what_went_into_a_box(): void
    {
        $box = $this->box(['theme' => 'Tide pool']);
        $before = self::rowsOf(self::TABLES);
        $undo = $this->undoOf(fn () => $this->post('/gather/write', [
            'lines' => "8 soap 3.95\n3 combs 1.20 for Tide pool",
        ]));
        self::assertSame([2, 1], [Lot::query()->count(), Piece::query()->count()]);

        $this->from('/gather')->post($undo)->assertRedirect('/gather')->assertSessionHas('said', 'Undone.');
        self::assertSame($before, self::rowsOf(self::TABLES));
        self::assertTrue($box->refresh()->exists);
    }

    public function test_of_a_box_it_tells_all_that_was_done_to_it_by_whomever_and_nothing_else(): void
    {
        $box = $this->box(['theme' => 'Tide pool']);
        $this->box(['theme' => 'Lighthouse']);
        $this->post('/gather/write', ['lines' => "3 combs 1.20 for Tide pool\n2 soap 0.95 for Lighthouse"]);
        $this->actingAs(User::factory()->createOne(['crew_id' => $this->crew->id, 'name' => 'Emeka']));
        $this->post("/boxes/{$box->id}/pieces", ['buy' => 'yo-yo', 'quantity' => 2])->assertRedirect();

        $this->get("/lately?box={$box->id}")
            ->assertSeeInOrder(['Tide pool: put on the list: 2 × Yo-yo', 'Emeka', $this->packer->name])
            ->assertDontSee('By everyone');
        $page = (string) $this->get("/lately?box={$box->id}")->getContent();
        preg_match('~/deeds/[^"]+/undo~', $page, $latest);
        $this->from("/lately?box={$box->id}")->post($latest[0] ?? '')->assertRedirect("/lately?box={$box->id}");
        self::assertSame(['combs'], $box->pieces()->get()->map(
            static fn (Piece $piece): string => $piece->kind ?? 'combs',
        )->all());

        $elsewhere = Box::factory()->createOne(['crew_id' => Crew::factory()->createOne()->id]);
        $this->get("/lately?box={$elsewhere->id}")->assertNotFound();
        $this->get('/lately?box[]=x')->assertUnprocessable();
    }

    public function test_what_a_box_took_since_keeps_the_whole_receipt(): void
    {
        $undo = $this->undoOf(fn () => $this->post('/gather/write', ['lines' => "8 soap 3.95\n3 combs 1.20"]));
        $this->post("/boxes/{$this->box()->id}/pieces", [
            'lot' => Lot::query()->where('kind', 'soap')->sole()->id, 'quantity' => 1,
        ])->assertRedirect();
        $this->from('/gather')->post($undo)->assertRedirect('/gather')->assertSessionHasErrors('undo');

        self::assertSame(2, Lot::query()->count());
    }

    public function test_a_deleted_lot_comes_back_as_it_was(): void
    {
        $lot = $this->lot('soap', ['name' => 'Soap, pine', 'tags' => 'sea']);
        $row = DB::table('lots')->where('id', $lot->id)->first();
        $undo = $this->undoOf(fn () => $this->delete("/lots/{$lot->id}"));
        self::assertSame(0, Lot::query()->count());
        $this->get('/lately')->assertSee('Soap, pine: deleted');

        $this->post($undo)->assertRedirect();
        self::assertEquals($row, DB::table('lots')->where('id', $lot->id)->first());
    }

    public function test_a_deleted_lot_waits_thirty_days(): void
    {
        $lot = $this->lot();
        $undo = $this->undoOf(fn () => $this->delete("/lots/{$lot->id}"));
        $this->travel(31)->days();
        $this->from('/lately')->post($undo)->assertSessionHasErrors('undo');

        // The next thing that is deleted sweeps away what waited too long.
        $this->delete("/lots/{$this->lot()->id}")->assertRedirect();
        self::assertSame(1, LotChange::query()->where('what', 'deleted')->count());
    }

    public function test_planning_a_box_is_undone(): void
    {
        $before = self::rowsOf(self::TABLES);
        $undo = $this->undoOf(fn () => $this->post('/boxes', [
            'theme' => 'Kite hill', 'band' => '4-7', 'gender' => 'girl', 'box_kind' => 'straight-card',
        ]));
        self::assertSame(1, Box::query()->count());
        $this->from('/boxes/'.Box::query()->sole()->id)->post($undo)->assertRedirect('/boxes');

        self::assertSame($before, self::rowsOf(self::TABLES));
    }

    public function test_a_box_that_was_deleted_waits_thirty_days(): void
    {
        $box = $this->box();
        $this->delete("/boxes/{$box->id}")->assertRedirect();
        $change = BoxChange::query()->sole();
        self::assertTrue($change->canBeUndone());
        $this->travel(31)->days();
        self::assertFalse($change->canBeUndone());
    }

    public function test_what_is_done_to_the_crews_own_settings_is_undone_too(): void
    {
        $recipe = Recipe::query()->create([
            'name' => 'Cloth', 'kind' => 'washcloth', 'gives' => 1, 'materials' => 'thread 0.40',
        ]);
        $guide = CrewGuide::factory()->createOne(['crew_id' => $this->crew->id]);
        $deeds = [
            'a target price' => fn () => $this->post('/gather/target', [
                'kind' => 'soap', 'target' => '0.42', 'target_pieces' => '1',
            ]),
            'the budget' => fn () => $this->put('/gather/money', ['budget' => '250']),
            'a size label' => fn () => $this->post('/gather/labels', ['label' => 'ROBIN', 'fits' => '116 cm']),
            'a recipe that was deleted' => fn () => $this->delete("/gather/makes/{$recipe->id}"),
            'a guide that was deleted' => fn () => $this->delete("/guides/{$guide->slug}"),
        ];
        $this->assertEachIsUndone($deeds, self::TABLES);
    }

    public function test_a_setting_that_someone_changed_since_is_not_overwritten(): void
    {
        $undo = $this->undoOf(fn () => $this->put('/gather/money', ['budget' => '250']));
        DB::table('crews')->where('id', $this->crew->id)->update(['season_budget_minor' => 30000]);
        $this->from('/lately')->post($undo)->assertSessionHasErrors('undo');

        self::assertSame(30000, $this->crew->refresh()->season_budget?->minor);
    }

    public function test_the_page_tells_what_was_done_by_whom_and_marks_what_was_undone(): void
    {
        $undo = $this->undoOf(fn () => $this->post('/gather/write', ['lines' => '8 soap 3.95']));
        $other = User::factory()->createOne(['crew_id' => $this->crew->id, 'name' => 'Odell']);
        $this->actingAs($other)->post('/gather/write', ['lines' => '2 combs 0.80'])->assertRedirect();

        $this->get('/lately')->assertSee('Comb: put in')->assertDontSee('Bar of soap: put in');
        $this->get('/lately?by=all')->assertSee('Bar of soap: put in')->assertSee('Odell');
        $this->post($undo)->assertRedirect();
        $this->get('/lately?by=all')->assertSee('undone');
        $this->from('/lately')->post($undo)->assertSessionHasErrors('undo');
    }

    public function test_what_only_a_keeper_does_only_a_keeper_undoes(): void
    {
        $undo = $this->undoOf(fn () => $this->put('/gather/money', ['budget' => '250']));
        $this->actingAs(User::factory()->createOne(['crew_id' => $this->crew->id, 'role' => 'member']));

        $this->post($undo)->assertForbidden();
        self::assertSame(25000, $this->crew->refresh()->season_budget?->minor);
    }

    public function test_a_lot_that_came_in_by_mistake_is_taken_back_on_its_own_page_too(): void
    {
        $this->post('/gather/write', ['lines' => 'soap 0.89'])->assertRedirect();
        $lot = Lot::query()->sole();
        $change = LotChange::query()->sole();
        $this->get("/lots/{$lot->id}")->assertOk()->assertSee("/changes/{$change->id}/undo");
        $this->post("/changes/{$change->id}/undo")->assertRedirect('/gather');

        self::assertSame(0, Lot::query()->count());
    }

    public function test_a_deed_of_another_crew_is_not_there(): void
    {
        $undo = $this->undoOf(fn () => $this->post('/gather/write', ['lines' => '8 soap 3.95']));
        $this->actingAs(User::factory()->createOne(['crew_id' => Crew::factory()->createOne()->id]));

        $this->post($undo)->assertNotFound();
        $this->get('/lately?by=all')->assertDontSee('Bar of soap');
    }

    public function test_fifty_deeds_are_shown_with_a_bounded_number_of_queries(): void
    {
        for ($number = 0; $number < 60; $number++) {
            $this->post('/gather/write', ['lines' => "soap {$number}.50"]);
        }
        DB::enableQueryLog();
        $page = $this->get('/lately')->assertOk()->getContent();

        self::assertSame(50, substr_count((string) $page, 'sr-only">: Bar of soap: put in'));
        self::assertLessThan(20, count(DB::getQueryLog()));
    }

    public function test_what_nobody_does_is_no_deed(): void
    {
        TargetPrice::factory()->createOne(['crew_id' => $this->crew->id]);

        self::assertSame(0, RowChange::query()->count());
    }
}

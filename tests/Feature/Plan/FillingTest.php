<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Box;
use App\Models\Piece;
use App\Models\TargetPrice;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use Tests\Feature\TestCase;

/** “Fill it for me”: proposed, taken in whole or in part, undone in one act. */
final class FillingTest extends TestCase
{
    private Box $box;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->box = $this->box(['theme' => 'Night sky', 'palette' => Palette::ofHexes(['#1d2f6f']), 'band' => '4-7']);
    }

    public function test_a_proposal_tells_why_and_what_stays_open_and_changes_nothing_by_itself(): void
    {
        $this->lot('soap', ['name' => 'Plain soap']);
        $this->lot('soap', ['name' => 'Moon soap']);
        $this->lot('balloons', ['name' => 'Star balloons']);
        $this->lot('pencils', ['pieces' => 3]);

        $this->get("/boxes/{$this->box->id}/fill")->assertOk()
            ->assertSeeInOrder(['What the drive asks for', 'Moon soap', 'fills “soap”; “moon” is in its name'])
            ->assertSee('Notebook: there is not enough of it on hand.')
            ->assertSee('Pencils, more than 3: there is not enough of it on hand.')
            ->assertDontSee('Star balloons');
        self::assertSame(0, Piece::query()->count());
        $this->get("/boxes/{$this->box->id}/fill?way=as-dear&turn=3")->assertOk();
        $this->get("/boxes/{$this->box->id}/fill?way=greedy&turn=x")->assertOk();
    }

    public function test_of_clothes_those_of_the_childs_size_are_proposed_with_their_size(): void
    {
        $this->lot('t-shirt', ['name' => 'Moon and star shirt', 'size_label' => '158', 'tags' => 'night, moon, star']);
        $this->lot('t-shirt', ['name' => 'Plain shirt', 'size_label' => '116']);

        $this->get("/boxes/{$this->box->id}/fill")->assertOk()
            ->assertSeeInOrder(['Plain shirt', 'size 116', 'fills “a top or a dress”'])
            ->assertDontSee('Moon and star shirt');
    }

    public function test_what_is_ticked_is_put_in_and_undone_in_one_act(): void
    {
        $soap = $this->lot('soap', ['pieces' => 1]);
        $pencils = $this->lot('pencils', ['pieces' => 9]);
        $comb = $this->lot('comb');

        $this->post("/boxes/{$this->box->id}/fill", [
            'take' => [$soap->id, $pencils->id],
            'count' => [$soap->id => '1', $pencils->id => '5', $comb->id => '1'],
        ])->assertRedirect("/boxes/{$this->box->id}")->assertSessionHas('said', '2 things are in the box.');
        self::assertEquals(
            [$soap->id => 1, $pencils->id => 5],
            Piece::query()->pluck('quantity', 'lot_id')->all(),
        );
        $undo = session('undo');
        self::assertIsString($undo);
        $this->post($undo)->assertSessionHasNoErrors();
        self::assertSame(0, Piece::query()->count());
    }

    public function test_of_what_is_in_the_box_already_more_is_taken_where_more_is_asked_for(): void
    {
        $pencils = $this->lot('pencils', ['pieces' => 9]);
        $this->lot('comb', ['pieces' => 2]);
        Piece::factory()->createOne(['box_id' => $this->box->id, 'lot_id' => $pencils->id, 'quantity' => 3]);
        Piece::factory()->createOne(
            ['box_id' => $this->box->id, 'lot_id' => $this->lot('soap', ['pieces' => 3])->id, 'quantity' => 1],
        );

        $page = $this->get("/boxes/{$this->box->id}/fill")->assertOk()->assertDontSee('fills “soap”');
        $page->assertSeeInOrder(['2 × Pencil', 'fills “pencils”']);
        $this->post("/boxes/{$this->box->id}/fill", [
            'take' => [$pencils->id], 'count' => [$pencils->id => '2'],
        ])->assertSessionHasNoErrors();
        self::assertSame([5, 1], $this->box->pieces()->orderByDesc('quantity')->pluck('quantity')->all());
    }

    public function test_what_is_missing_can_be_proposed_to_be_bought_and_goes_on_the_list(): void
    {
        $this->lot('comb', ['name' => 'Plain comb']);
        TargetPrice::factory()->createOne([
            'crew_id' => $this->box->crew_id, 'kind' => 'soap', 'band' => '',
            'target' => new Money(85, Currency::of('EUR')), 'pieces' => 1,
        ]);

        $this->get("/boxes/{$this->box->id}/fill")->assertOk()->assertDontSee('to be bought');
        $this->get("/boxes/{$this->box->id}/fill?buy=1")->assertOk()
            ->assertSeeInOrder(['value="buy-soap"', 'fills “soap”; to be bought', '0.85'], false)
            ->assertDontSee('buy-comb');
        $this->post("/boxes/{$this->box->id}/fill", [
            'take' => ['buy-soap', 'buy-nothing'], 'count' => ['buy-soap' => '1'],
        ])->assertSessionHas('said', 'One thing is in the box.');
        self::assertSame(
            [['soap', null, 1]],
            Piece::query()->get()->map(static fn (Piece $piece): array => [
                $piece->kind, $piece->lot_id, $piece->quantity,
            ])->all(),
        );
    }

    public function test_where_one_thing_is_gone_meanwhile_nothing_is_put_in(): void
    {
        $soap = $this->lot('soap', ['pieces' => 1]);
        $comb = $this->lot('comb');
        Piece::factory()->createOne(['box_id' => $this->box()->id, 'lot_id' => $soap->id, 'quantity' => 1]);

        $this->post("/boxes/{$this->box->id}/fill", ['take' => [$comb->id, $soap->id]])->assertSessionHasErrors('take');
        self::assertSame(0, Piece::query()->where('box_id', $this->box->id)->count());
        $this->post("/boxes/{$this->box->id}/fill", [])->assertSessionHasErrors(['take' => 'Tick at least one thing.']);
        $this->post("/boxes/{$this->box->id}/fill", ['take' => [$comb->id], 'count' => [$comb->id => 'many']])
            ->assertSessionHasErrors("count.{$comb->id}");
    }

    public function test_into_a_closed_box_nothing_goes(): void
    {
        $comb = $this->lot('comb');
        $this->box->update(['stage' => Stage::Packed]);

        $this->get("/boxes/{$this->box->id}/fill")->assertOk()->assertSee('The lid of this box is on');
        $this->post("/boxes/{$this->box->id}/fill", ['take' => [$comb->id]])->assertSessionHasErrors('take');
    }
}

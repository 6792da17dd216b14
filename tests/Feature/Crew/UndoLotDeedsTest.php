<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use App\Models\Learned;
use App\Models\LeftBehind;
use App\Models\Lot;
use App\Models\TopupBag;
use Illuminate\Testing\TestResponse;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use Tests\Feature\TestCase;

/** Deeds that leave two lots where there was one, or take pieces out of the stash into something else. */
final class UndoLotDeedsTest extends TestCase
{
    use UndoesDeeds;

    private const TABLES = ['lots', 'topup_bags', 'topup_pieces', 'learned', 'left_behinds'];

    private Lot $eraser;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->eraser = $this->lot('eraser', ['pieces' => 7, 'paid' => new Money(100, Currency::of('EUR'))]);
    }

    public function test_a_split_and_something_wrong_with_a_part_are_undone_in_one_press(): void
    {
        $this->assertEachIsUndone([
            'split' => fn (): TestResponse => $this->post("/lots/{$this->eraser->id}/split", ['part' => '3']),
            'two of them broken' => fn (): TestResponse => $this->post("/lots/{$this->eraser->id}/wrong", [
                'wrong' => '2', 'fault' => 'damage', 'fault_end' => 'sent-back', 'back' => '0.20',
            ]),
        ], self::TABLES);
    }

    public function test_a_part_that_went_into_a_box_stays_a_part(): void
    {
        $split = fn (): TestResponse => $this->post("/lots/{$this->eraser->id}/split", ['part' => '3']);
        $undo = $this->undoOf($split);
        $part = Lot::query()->whereKeyNot($this->eraser->id)->sole();
        $box = $this->box();
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $part->id, 'quantity' => '1'])->assertSessionHasNoErrors();

        $this->post($undo)->assertSessionHasErrors();
        self::assertSame([4, 3], [$this->eraser->refresh()->pieces, $part->refresh()->pieces]);
    }

    public function test_a_top_up_bag_is_packed_handed_in_and_unpacked_and_each_of_it_undone(): void
    {
        $pack = fn (): TestResponse => $this->post('/send/top-up', [
            'category' => 'school', 'pieces' => [$this->eraser->id => '3'],
        ]);
        $this->assertEachIsUndone(['packed' => $pack], self::TABLES);

        $pack();
        $bag = TopupBag::query()->sole();
        $this->assertEachIsUndone([
            'handed in' => fn (): TestResponse => $this->put("/send/top-up/{$bag->id}/handed-in"),
            'unpacked' => fn (): TestResponse => $this->delete("/send/top-up/{$bag->id}"),
        ], self::TABLES);
        self::assertSame(3, $this->eraser->refresh()->gone);
    }

    public function test_what_is_forgotten_is_there_again(): void
    {
        $left = LeftBehind::query()->create([
            'crew_id' => $this->crew->id, 'lot_id' => $this->eraser->id, 'pieces' => 2, 'why' => 'no-room',
            'theme' => 'Tide pool',
        ]);
        $learned = Learned::query()->create([
            'crew_id' => $this->crew->id, 'what' => 'squeeze', 'kind' => 'soap', 'value' => 70, 'by' => 'Ines',
        ]);
        $this->assertEachIsUndone([
            'not for the next box' => fn (): TestResponse => $this->delete("/boxes/next/{$left->id}"),
            'no longer learned' => fn (): TestResponse => $this->delete("/pack/learned/{$learned->id}"),
        ], self::TABLES);
        $this->get('/lately')->assertSee('Learned at the bench deleted: Bar of soap');
    }
}

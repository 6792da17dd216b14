<?php

declare(strict_types=1);

namespace Tests\Feature\Pack;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\Lot;
use App\Models\Piece;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Preparation\Task;
use Tests\Feature\TestCase;

final class WorkStaysTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_what_was_done_to_pieces_goes_where_they_go(): void
    {
        [$one, $other, $lot] = [$this->box(), $this->box(), $this->lot('soap', ['pieces' => 8])];
        $first = $this->picked($one, $lot, 4);
        $this->put("/pieces/{$first->id}/tasks/price-off", ['done' => '1', 'from' => 'list']);

        // One comes out again, priced off; the other box has it along with one that nobody looked at.
        $this->patch("/pieces/{$first->id}", ['quantity' => 3]);
        self::assertEquals($this->pricedOff(1), $lot->refresh()->prepared);
        $second = $this->picked($other, $lot, 2);
        self::assertEquals([$this->pricedOff(1), new Prepared], [$second->done, $lot->refresh()->prepared]);
        $this->get("/boxes/{$other->id}/prepare")->assertSee('take the price off (1 of 2 done)');
        $this->get("/lots/{$lot->id}")->assertDontSee('take the price off: 1');

        // Taken out and put back by an undo, it is the same pieces; so it is where the box goes and comes back.
        $this->delete("/pieces/{$second->id}");
        self::assertEquals($this->pricedOff(1), $lot->refresh()->prepared);
        $this->get("/lots/{$lot->id}")->assertSee('take the price off: 1');
        $this->undo();
        self::assertEquals([$this->pricedOff(1), new Prepared], [$second->refresh()->done, $lot->refresh()->prepared]);
        $this->delete("/boxes/{$one->id}");
        self::assertEquals($this->pricedOff(3), $lot->refresh()->prepared);
        $this->undo();
        self::assertEquals([$this->pricedOff(3), new Prepared], [$first->refresh()->done, $lot->refresh()->prepared]);
        $this->delete("/boxes/{$one->id}");

        // Parted off, they go along; put together again, they are counted together.
        $this->post("/lots/{$lot->id}/split", ['part' => '2']);
        $parted = Lot::query()->whereKeyNot($lot->id)->firstOrFail();
        self::assertEquals([$this->pricedOff(2), $this->pricedOff(1)], [$parted->prepared, $lot->refresh()->prepared]);
        $this->post("/lots/{$lot->id}/merge", ['with' => $parted->id]);
        self::assertEquals($this->pricedOff(3), $lot->refresh()->prepared);

        // Into a kit and out of it.
        $this->post('/gather/kits', [
            'each' => [$lot->id => '2'], 'count' => '2', 'kind' => 'Filled care bag', 'name' => 'Care bag',
        ]);
        $kit = Lot::query()->where('is_kit', true)->firstOrFail();
        self::assertEquals([$this->pricedOff(3), new Prepared], [
            $kit->kitParts()->firstOrFail()->prepared, $lot->refresh()->prepared,
        ]);
        $this->post("/gather/kits/{$kit->id}/apart", ['count' => '1']);
        self::assertEquals($this->pricedOff(2), $lot->refresh()->prepared);
        $this->post("/gather/kits/{$kit->id}/apart", ['count' => '1']);
        self::assertEquals($this->pricedOff(3), $lot->refresh()->prepared);
    }

    public function test_work_is_added_to_a_piece_and_left_off_in_this_box_only(): void
    {
        [$box, $other, $lot] = [$this->box(), $this->box(), $this->lot('picture-card', ['pieces' => 4])];
        $piece = $this->picked($box, $lot, 1);
        $say = fn (string $task, string $needed) => $this->from("/boxes/{$box->id}/prepare")->put(
            "/pieces/{$piece->id}/work", ['task' => $task, 'needed' => $needed],
        );

        $say('laminate', '1')->assertSessionHas('said', 'Added: laminate it.');
        $this->get("/boxes/{$box->id}/prepare")->assertSeeInOrder(['take the price off', 'laminate it']);
        $say('price-off', '0')->assertSessionHas('said', 'Not needed here: take the price off.');
        self::assertSame([Task::Laminate], $piece->refresh()->preparation()->tasks);
        $this->get("/boxes/{$box->id}")->assertDontSee('may still carry one');
        $say('wrap-base', '1')->assertSessionHasErrors('task');
        self::assertSame([Task::PriceOff], $this->picked($other, $lot, 1)->preparation()->tasks);

        $file = $this->get("/boxes/{$box->id}/box.json")->getContent();
        self::assertStringContainsString('"alsoToDo"', (string) $file);
        self::assertStringContainsString('"notToDo"', (string) $file);
    }

    public function test_a_tub_is_neither_taped_nor_wrapped(): void
    {
        $this->get("/boxes/{$this->box(['box_kind' => 'tapered-tub'])->id}/prepare")
            ->assertSee('see that the box is sound')
            ->assertDontSee('tape its corners')
            ->assertDontSee('wrap the base')
            ->assertDontSee('Paper, if you wrap it');
    }

    private function pricedOff(int $pieces): Prepared
    {
        return Prepared::all($pieces, [Task::PriceOff]);
    }

    private function picked(Box $box, Lot $lot, int $quantity): Piece
    {
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $lot->id, 'quantity' => $quantity]);

        return Piece::query()->where(['box_id' => $box->id, 'lot_id' => $lot->id])->firstOrFail();
    }

    private function undo(): void
    {
        $last = BoxChange::query()->latest('id')->firstOrFail();
        $this->post("/box-changes/{$last->id}/undo");
    }
}

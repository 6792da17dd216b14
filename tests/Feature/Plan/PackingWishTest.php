<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Box;
use App\Models\Crew;
use App\Models\Piece;
use App\Models\User;
use PluckyWren\Core\Box\Packing\Lies;
use PluckyWren\Core\Box\Packing\PackingWish;
use Tests\Feature\TestCase;

/** Packing a box one's own way. */
final class PackingWishTest extends TestCase
{
    public function test_a_piece_is_kept_where_it_is_and_let_go_again(): void
    {
        $piece = $this->piece();
        $this->get("/boxes/{$piece->box_id}/fit")->assertOk()->assertSee('Keep it exactly here');
        $this->put("/pieces/{$piece->id}/packing", ['wish' => 'pin'])
            ->assertRedirect("/boxes/{$piece->box_id}/fit?step=1")
            ->assertSessionHas('said', 'Planned again around that: closes flat, as before.');
        self::assertCount(1, $piece->refresh()->packing->pinned);
        $this->get("/boxes/{$piece->box_id}/fit")->assertSee('kept where it is')->assertSee('Let it be moved again');

        $this->put("/pieces/{$piece->id}/packing", ['wish' => 'free']);
        self::assertTrue($piece->refresh()->packing->isNothing());
    }

    public function test_a_wish_is_undone_in_one_act(): void
    {
        $piece = $this->piece();
        $this->put("/pieces/{$piece->id}/packing", ['wish' => 'top'])->assertSessionHas('undo');
        $undo = session('undo');
        self::assertSame(Lies::Top, $piece->refresh()->packing->lies);

        $this->post(is_string($undo) ? $undo : self::fail('There is no way back.'));
        self::assertTrue($piece->refresh()->packing->isNothing());
    }

    public function test_all_wishes_are_forgotten_together(): void
    {
        $piece = $this->piece();
        foreach (['left', 'later', 'stay'] as $wish) {
            $this->put("/pieces/{$piece->id}/packing", ['wish' => $wish])->assertRedirect();
        }
        self::assertEquals(new PackingWish(null, Lies::Left, true, 1), $piece->refresh()->packing);
        $this->delete("/boxes/{$piece->box_id}/packing")->assertRedirect("/boxes/{$piece->box_id}/fit");
        self::assertTrue($piece->refresh()->packing->isNothing());
    }

    public function test_what_is_no_wish_is_refused_and_so_is_a_closed_box(): void
    {
        $piece = $this->piece();
        $this->put("/pieces/{$piece->id}/packing", ['wish' => 'fly'])->assertSessionHasErrors('wish');
        Box::query()->whereKey($piece->box_id)->update(['stage' => 'packed']);
        $this->put("/pieces/{$piece->id}/packing", ['wish' => 'top'])->assertRedirect();
        self::assertTrue($piece->refresh()->packing->isNothing());
    }

    public function test_it_says_what_is_seen_that_should_not_be_and_what_is_not_that_should(): void
    {
        $this->actingAs($this->packer);
        $box = $this->box();
        $vest = $this->putIn($box, 'underwear', 'Vest');
        $this->putIn($box, 'eraser', 'Eraser');
        $address = "/boxes/{$box->id}/fit";
        $this->get($address)->assertSee('In sight when the lid comes off: Vest. Lay something over it')
            ->assertDontSee('Not among what is seen first');
        $this->putIn($box, 'notebook', 'Notebook');
        $this->get($address)->assertDontSee('In sight when the lid comes off');
        // Who wants it on top has it on top.
        $this->put("/pieces/{$vest->id}/packing", ['wish' => 'top']);
        $this->get($address)->assertDontSee('In sight when the lid comes off')
            ->assertDontSee('Not among what is seen first');

        // Of four as large as half the lid some lie under others.
        foreach (['Sea', 'Star', 'Kite', 'Tide'] as $name) {
            $book = $this->putIn($box, 'notebook', $name);
            $this->put("/pieces/{$book->id}/packing", ['wish' => 'top']);
        }
        $this->get($address)->assertSee('Not among what is seen first, as there was no room for it on top: ');
    }

    public function test_nobody_wishes_for_another_crew(): void
    {
        $piece = $this->piece();
        $this->actingAs(User::factory()->createOne(['crew_id' => Crew::factory()]));
        $this->put("/pieces/{$piece->id}/packing", ['wish' => 'top'])->assertNotFound();
        $this->delete("/boxes/{$piece->box_id}/packing")->assertNotFound();
    }

    private function piece(): Piece
    {
        $this->actingAs($this->packer);

        return Piece::factory()->createOne(['box_id' => $this->box()->id, 'lot_id' => $this->lot()->id]);
    }
}

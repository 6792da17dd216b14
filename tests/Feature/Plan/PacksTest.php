<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Piece;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Source;
use Tests\Feature\TestCase;

/** How many boxes like one the packs are best for. */
final class PacksTest extends TestCase
{
    public function test_packs_in_which_it_came_last_decide_how_many_boxes_leave_least_over(): void
    {
        $this->actingAs($this->packer);
        $eur = Currency::of('EUR');
        $box = $this->box(['theme' => 'Tide pool']);
        // Cups came in a pack of three for 3.00, and none is left but the one in the box.
        $cup = $this->lot('cup', [
            'pieces' => 3, 'gone' => 2, 'pack_pieces' => 3, 'paid' => new Money(300, $eur), 'source' => Source::Shop,
        ]);
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $cup->id, 'quantity' => 1]);
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => null, 'kind' => 'kite', 'quantity' => 1]);

        $this->get("/boxes/{$box->id}/packs")->assertOk()
            // One is in it: three more make four boxes out of one pack.
            ->assertSee('4 boxes leave least over a box.')
            ->assertSeeInOrder(['one box', '0.00', '0.00', 'nothing in packs'])
            ->assertSeeInOrder(['2 boxes', '3.00', '2.00', '1 × 3 Cup'])
            ->assertSeeInOrder(['4 boxes', 'best', '3.00', '0.75', '0.00'])
            ->assertSee('One thing comes in packs of 3, and they are used up.')
            ->assertDontSee('6 boxes')
            ->assertSee('Without a known price, and not counted: Folded kite.');
        // Of seven that are thought of: from six to ten; ten want nine more, in three packs.
        $this->get("/boxes/{$box->id}/packs?count=7")->assertOk()
            ->assertSee('10 boxes leave least over a box.')
            ->assertSeeInOrder(['6 boxes', '6.00', '10 boxes', 'best', '9.00', '0.90', '0.00'])
            ->assertDontSee('11 boxes')->assertDontSee('5 boxes');
        $this->get("/boxes/{$box->id}/packs?count=-3")->assertOk();
        $this->get("/boxes/{$box->id}/packs?count=lots")->assertOk();
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Pack;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\Crew;
use App\Models\Piece;
use App\Models\User;
use Tests\Feature\TestCase;

/** Everything for the boxes that are ready, by the place where it is kept. */
final class RollCallTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_several_boxes_are_fetched_on_one_way_from_place_to_place(): void
    {
        $one = $this->box(['theme' => 'Tide pool', 'stage' => 'ready']);
        $other = $this->box(['theme' => 'Mountain hut', 'stage' => 'ready']);
        $this->putIn($one, 'soap', 'closet, blue tub');
        $this->putIn($other, 'comb', 'closet, blue tub');
        $this->putIn($other, 'notebook', null);
        $this->putIn($this->box(['theme' => 'Not yet', 'stage' => 'planned']), 'towel', 'attic');

        $this->get('/pack/roll-call')
            ->assertOk()
            ->assertSee('0 of 3 on the table')
            ->assertSeeInOrder(['closet, blue tub: 2 things', 'Kept wherever it was put: 1 thing'])
            ->assertDontSee('attic');
        $this->get("/pack/roll-call?box={$one->id}")->assertSee('0 of 1 on the table')->assertDontSee('Mountain hut');
    }

    public function test_a_piece_is_laid_out_and_put_away_again_without_a_word_in_the_history(): void
    {
        $piece = $this->putIn($this->box(['stage' => 'ready']), 'soap', 'attic');
        $this->put("/pieces/{$piece->id}/laid-out", ['laid' => 1])->assertRedirect('/pack/roll-call');
        self::assertTrue($piece->refresh()->is_laid_out);
        $this->get('/pack/roll-call')->assertSee('1 of 1 on the table')->assertDontSee('Not here, or another');
        $this->put("/pieces/{$piece->id}/laid-out", []);
        self::assertFalse($piece->refresh()->is_laid_out);
        self::assertSame(0, BoxChange::query()->count());
    }

    public function test_a_packed_box_is_not_laid_out_nor_is_anothers(): void
    {
        $piece = $this->putIn($this->box(['stage' => 'ready']), 'soap', 'attic');
        Box::query()->whereKey($piece->box_id)->update(['stage' => 'packed']);
        $this->put("/pieces/{$piece->id}/laid-out", ['laid' => 1])->assertSessionHas('said');
        self::assertFalse($piece->refresh()->is_laid_out);
        $this->actingAs(User::factory()->createOne(['crew_id' => Crew::factory()]));
        $this->put("/pieces/{$piece->id}/laid-out", ['laid' => 1])->assertNotFound();
    }

    private function putIn(Box $box, string $kind, ?string $kept): Piece
    {
        return Piece::factory()->createOne([
            'box_id' => $box->id, 'lot_id' => $this->lot($kind, ['kept' => $kept])->id,
        ]);
    }
}

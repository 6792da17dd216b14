<?php

declare(strict_types=1);

namespace Tests\Feature\Pack;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\Piece;
use App\Models\User;
use PluckyWren\Core\Measure\Size;
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
        $this->keptIn($one, 'soap', 'closet, blue tub');
        $this->keptIn($other, 'comb', 'closet, blue tub');
        $this->keptIn($other, 'notebook', null);
        $this->keptIn($this->box(['theme' => 'Not yet', 'stage' => 'planned']), 'towel', 'attic');

        $this->get('/pack/roll-call')
            ->assertOk()
            ->assertSee('0 of 3 on the table')
            ->assertSeeInOrder(['closet, blue tub: 2 things', 'No place written down: 1 thing'])
            ->assertDontSee('attic');
        $this->get("/pack/roll-call?box={$one->id}")->assertSee('0 of 1 on the table')->assertDontSee('Mountain hut');
    }

    public function test_a_piece_is_laid_out_and_put_away_again_without_a_word_in_the_history(): void
    {
        $piece = $this->keptIn($this->box(['stage' => 'ready']), 'soap', 'attic');
        $this->put("/pieces/{$piece->id}/laid-out", ['laid' => 1])->assertRedirect('/pack/roll-call');
        self::assertTrue($piece->refresh()->is_laid_out);
        $this->get('/pack/roll-call')->assertSee('1 of 1 on the table')->assertDontSee('Not here, or another');
        $this->put("/pieces/{$piece->id}/laid-out", []);
        self::assertFalse($piece->refresh()->is_laid_out);
        self::assertSame(0, BoxChange::query()->count());
    }

    public function test_what_is_not_here_is_waited_for_packed_without_swapped_or_put_aside_as_damaged(): void
    {
        $box = $this->box(['stage' => 'ready', 'theme' => 'Tide pool']);
        [$soap, $comb, $book] = [
            $this->keptIn($box, 'soap', 'attic'), $this->keptIn($box, 'comb', 'attic'),
            $this->keptIn($box, 'notebook', 'hall'),
        ];
        $other = $this->lot('soap', ['name' => 'Oat soap', 'kept' => 'hall']);
        $say = fn (Piece $piece, string $way, string $lot = '') => $this->post(
            "/pieces/{$piece->id}/missing", ['way' => $way, 'box' => $box->id, 'lot' => $lot],
        )->assertRedirect("/pack/roll-call?box={$box->id}");

        $say($soap, 'wait')->assertSessionHas('said', '“Soap, pine” is waited for.');
        $this->get('/pack/roll-call')->assertSee('waited for')->assertSee('Take “Oat soap” instead');
        $this->put("/pieces/{$soap->id}/laid-out", ['laid' => 1]);
        self::assertSame([true, false], [$soap->refresh()->is_laid_out, $soap->is_missing]);

        $say($soap, 'swap', $other->id)->assertSessionHas('said', '“Oat soap” is in its place.');
        self::assertSame($other->id, $box->pieces()->whereHas('lot', fn ($lot) => $lot->where('kind', 'soap'))->sole()
            ->lot_id);

        $say($comb, 'without');
        self::assertNull(Piece::query()->find($comb->id));
        $this->get('/boxes/next')->assertSee('kept back from “Tide pool”: It could not be found.');

        $say($book, 'damaged');
        self::assertNull(Piece::query()->find($book->id));
        self::assertSame(
            ['damage', 'undecided', 1],
            Lot::query()->where('fault', 'damage')->get()
                ->map(fn (Lot $lot): array => [$lot->fault?->value, $lot->fault_end?->value, $lot->pieces])->sole(),
        );
        $this->post("/pieces/{$soap->id}/missing", ['way' => 'burn'])->assertNotFound();
    }

    public function test_what_is_another_size_is_measured_on_the_spot(): void
    {
        $box = $this->box(['stage' => 'ready']);
        $piece = $this->keptIn($box, 'soap', 'attic');
        $measure = fn (string $length) => $this->put("/pieces/{$piece->id}/measured", [
            'length' => $length, 'width' => '60', 'height' => '3 cm', 'box' => $box->id,
        ]);

        $measure('long')->assertSessionHasErrors('length', null, "measured-{$piece->id}");
        $measure('12.5 cm')->assertSessionHas('said', '“Soap, pine” is measured anew; the box is planned by that.');
        $lot = $piece->lot?->refresh() ?? self::fail('It has a lot.');
        self::assertEquals([new Size(1250, 600, 300), true], [$lot->size, $lot->is_measured]);
        $this->get("/pack/roll-call?box={$box->id}")->assertSee('value="125"', false);
    }

    public function test_a_packed_box_is_not_laid_out_nor_is_anothers(): void
    {
        $piece = $this->keptIn($this->box(['stage' => 'ready']), 'soap', 'attic');
        Box::query()->whereKey($piece->box_id)->update(['stage' => 'packed']);
        $this->put("/pieces/{$piece->id}/laid-out", ['laid' => 1])->assertSessionHas('said');
        self::assertFalse($piece->refresh()->is_laid_out);
        $this->actingAs(User::factory()->createOne(['crew_id' => Crew::factory()]));
        $this->put("/pieces/{$piece->id}/laid-out", ['laid' => 1])->assertNotFound();
    }

    private function keptIn(Box $box, string $kind, ?string $kept): Piece
    {
        return Piece::factory()->createOne([
            'box_id' => $box->id, 'lot_id' => $this->lot($kind, ['kept' => $kept])->id,
        ]);
    }
}

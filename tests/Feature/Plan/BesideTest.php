<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Box;
use App\Models\Crew;
use App\Models\Piece;
use Illuminate\Testing\TestResponse;
use PluckyWren\Core\Box\Stage;
use Tests\Feature\TestCase;

/** Several boxes side by side: one thing across them, two in turn, out of all. */
final class BesideTest extends TestCase
{
    /** @var list<Box> by number */
    private array $boxes;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->boxes = array_map(
            fn (string $theme): Box => $this->box(['theme' => $theme]),
            ['First', 'Second', 'Third'],
        );
    }

    public function test_what_is_shared_stands_once_and_what_differs_by_box(): void
    {
        $soap = $this->lot('soap', ['name' => 'Pine soap', 'pieces' => 10]);
        $this->across([$soap->id])->assertSessionHas('said', 'Put into 3 boxes.');
        Piece::factory()->createOne(
            ['box_id' => $this->boxes[1]->id, 'lot_id' => null, 'kind' => 'kite', 'quantity' => 2],
        );

        $this->get('/boxes/beside')->assertOk()
            ->assertSeeInOrder(['First, for', 'Second, for', 'Third, for', 'from 9.28'])
            ->assertSee('in all: 1 × Pine soap')
            ->assertSeeInOrder(['Folded kite', 'none', '2 × Folded kite', '2 to buy', 'none'])
            ->assertSee('Pine soap (7 free)');
        // Only one is looked at: then nothing is shared.
        $this->get("/boxes/beside?with[]={$this->boxes[0]->id}")->assertDontSee('in all:')
            ->assertDontSee('Second, for');
        $this->get('/boxes/beside?with=x')->assertOk();
    }

    public function test_two_things_go_in_turn(): void
    {
        $hat = $this->lot('hat-knitted');
        $bag = $this->lot('drawstring-bag');

        $this->across([$hat->id, $bag->id], 2)->assertSessionHasNoErrors();

        self::assertSame(
            [[$hat->id, 2], [$bag->id, 2], [$hat->id, 2]],
            array_map(fn (Box $box): array => [
                $box->pieces()->firstOrFail()->lot_id, $box->pieces()->firstOrFail()->quantity,
            ], $this->boxes),
        );
    }

    public function test_what_was_put_across_is_undone_in_one_press_in_all_boxes_or_in_none(): void
    {
        $soap = $this->lot('soap', ['pieces' => 6]);
        $this->across([$soap->id]);
        $this->delete('/boxes/beside', ['with' => $this->ids(), 'kind' => 'soap']);
        $this->across([$soap->id], 2);
        $undo = session('undo');
        self::assertIsString($undo);

        // Something is done on top in one of them: then none of it is undone.
        $piece = $this->boxes[1]->pieces()->sole();
        $piece->update(['quantity' => 1]);
        $this->post($undo)->assertSessionHasErrors('undo');
        self::assertSame([2, 1, 2], $this->quantities());
        $piece->update(['quantity' => 2]);
        $this->post($undo)->assertSessionHas('said', 'Undone in 3 boxes.');
        self::assertSame([], $this->quantities());
        $this->post(strtok($undo, '?').'?also[]=999999')->assertNotFound();
    }

    public function test_what_the_first_has_is_put_into_those_that_have_none(): void
    {
        $soap = $this->lot('soap', ['pieces' => 5]);
        $this->post("/boxes/{$this->boxes[0]->id}/pieces", ['lot' => $soap->id, 'quantity' => 2]);
        Piece::factory()->createOne(
            ['box_id' => $this->boxes[0]->id, 'lot_id' => null, 'kind' => 'kite', 'quantity' => 1],
        );
        Piece::factory()->createOne(
            ['box_id' => $this->boxes[2]->id, 'lot_id' => null, 'kind' => 'soap', 'quantity' => 1],
        );

        $this->post('/boxes/beside/like', ['with' => $this->ids(), 'kind' => 'soap'])
            ->assertSessionHas('said', 'Put into one box.');
        $this->post('/boxes/beside/like', ['with' => $this->ids(), 'kind' => 'kite'])
            ->assertSessionHas('said', 'Put into 2 boxes.');
        $this->post('/boxes/beside/like', ['with' => $this->ids(), 'kind' => 'comb'])
            ->assertSessionHas('said', 'Nothing was to be put in.');
        self::assertEqualsCanonicalizing(
            [[$soap->id, 2], [null, 1]],
            $this->boxes[1]->pieces()->get()->toBase()->map(
                static fn (Piece $piece): array => [$piece->lot_id, $piece->quantity],
            )->all(),
        );
        self::assertSame(2, $this->boxes[2]->pieces()->count());
    }

    public function test_what_one_of_them_still_lacks_has_a_row_of_its_own(): void
    {
        $soap = $this->lot('soap');
        Piece::factory()->createOne(['box_id' => $this->boxes[0]->id, 'lot_id' => $soap->id, 'quantity' => 1]);

        $this->get('/boxes/beside')->assertOk()
            ->assertSeeInOrder(['Soap', 'there', '1 missing', '1 missing'])
            ->assertSeeInOrder(['Pencils', '5 missing', '5 missing', '5 missing']);
    }

    public function test_what_does_not_reach_for_all_goes_into_none(): void
    {
        $soap = $this->lot('soap', ['pieces' => 2]);

        $this->across([$soap->id])->assertSessionHasErrors('lot');
        self::assertSame(0, Piece::query()->count());
    }

    public function test_a_kind_is_taken_out_of_all_that_which_was_to_buy_too(): void
    {
        $soap = $this->lot('soap', ['pieces' => 3]);
        $comb = $this->lot('comb');
        $this->across([$soap->id]);
        $this->across([$comb->id]);
        Piece::factory()->createOne(
            ['box_id' => $this->boxes[2]->id, 'lot_id' => null, 'kind' => 'soap', 'quantity' => 1],
        );

        $this->delete('/boxes/beside', ['with' => $this->ids(), 'kind' => 'soap'])
            ->assertSessionHas('said', 'Taken out of 3 boxes.');

        self::assertSame([$comb->id], Piece::query()->distinct()->pluck('lot_id')->all());
    }

    public function test_wrong_answers_and_closed_boxes_change_nothing(): void
    {
        $soap = $this->lot('soap');
        $this->post('/boxes/beside', [])->assertSessionHasErrors(['with', 'lot', 'each']);
        $this->across([$soap->id, $soap->id])->assertSessionHasErrors('turn');
        $this->across([$soap->id], 0)->assertSessionHasErrors('each');
        $this->across(['no-such-lot'])->assertNotFound();
        $this->boxes[2]->update(['stage' => Stage::Packed]);
        $this->across([$soap->id])->assertSessionHasErrors('lot');
        self::assertSame(0, Piece::query()->count());
    }

    public function test_a_box_of_another_crew_is_not_found(): void
    {
        $soap = $this->lot('soap');
        $other = Box::factory()->createOne(['crew_id' => Crew::factory()->createOne()->id]);

        $this->post('/boxes/beside', ['with' => [...$this->ids(), $other->id], 'lot' => $soap->id, 'each' => 1])
            ->assertNotFound();
        self::assertSame(0, Piece::query()->count());
    }

    /** @return list<int> of all pieces, by box */
    private function quantities(): array
    {
        return array_values(Piece::query()->orderBy('box_id')->pluck('quantity')->all());
    }

    /**
     * @param  non-empty-list<string>  $lots  of which the second goes in turn
     * @return TestResponse<covariant \Symfony\Component\HttpFoundation\Response>
     */
    private function across(array $lots, int $each = 1): TestResponse
    {
        return $this->post('/boxes/beside', [
            'with' => $this->ids(), 'lot' => $lots[0], 'turn' => $lots[1] ?? '', 'each' => $each,
        ]);
    }

    /** @return list<string> */
    private function ids(): array
    {
        return array_map(static fn (Box $box): string => $box->id, $this->boxes);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use Illuminate\Testing\TestResponse;
use PluckyWren\Core\Box\Stage;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\TestCase;

/** A box like another one, for the same child or for another. */
final class LikeTest extends TestCase
{
    private Box $box;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->box = $this->box(['number' => 7, 'theme' => 'Tide pool', 'band' => '4-7', 'gender' => 'girl']);
    }

    public function test_the_same_things_are_taken_where_they_lie_free_and_others_of_their_kind_where_not(): void
    {
        $soap = $this->pick($this->lot('soap', ['name' => 'Pine soap', 'pieces' => 3]), 1);
        $comb = $this->pick($this->lot('comb', ['name' => 'Red comb', 'pieces' => 1]), 1);
        $other = $this->lot('comb', ['name' => 'Blue comb', 'pieces' => 1]);
        $this->pick($this->lot('kite', ['pieces' => 1]), 1);

        $this->get("/boxes/{$this->box->id}/like")->assertOk()->assertSee('value="Tide pool"', false);
        $this->like()->assertSessionHasNoErrors();

        $new = $this->newest();
        self::assertSame(['Tide pool', 8, 'boy'], [$new->theme, $new->number, $new->gender->value]);
        self::assertSame([$soap->id => 1, $other->id => 1], $this->picked($new));
        self::assertNotContains($comb->id, array_keys($this->picked($new)));
        // The kite is on its list, and so is all that the guide asks for beside.
        self::assertSame(1, $new->pieces()->where('kind', 'kite')->count());
        self::assertSame(1, $new->pieces()->where('kind', 'sharpener')->count());
        self::assertIsString(session('said'));
        self::assertStringContainsString('2 of 3 pieces lay free', session('said'));
    }

    public function test_several_like_it_are_numbered_and_stand_side_by_side(): void
    {
        $this->pick($this->lot('soap', ['name' => 'Pine soap', 'pieces' => 3]), 1);
        $this->box(['theme' => 'Tide pool 3']);

        $this->post("/boxes/{$this->box->id}/like", [
            'band' => '4-7', 'gender' => 'girl', 'theme' => 'Tide pool', 'count' => 3,
        ])->assertSessionHas('said', '3 boxes are planned, side by side with the one they are like.');
        self::assertSame(
            ['Tide pool', 'Tide pool 2', 'Tide pool 3', 'Tide pool 4', 'Tide pool 5'],
            Box::query()->orderBy('theme')->pluck('theme')->all(),
        );
        // Of three soaps one is in it, and two of the three got theirs.
        $with = implode('&', array_map(
            static fn (string $id): string => "with[]={$id}",
            Box::query()->where('theme', '!=', 'Tide pool 3')->pluck('id')->all(),
        ));
        $this->get("/boxes/beside?{$with}")->assertSeeInOrder([
            '1 × Pine soap', '1 × Pine soap', '1 × Pine soap', '1 × Bar of soap', '1 to buy',
        ]);
        $this->post("/boxes/{$this->box->id}/like", [
            'band' => '4-7', 'gender' => 'girl', 'theme' => 'Tide pool', 'count' => 8,
        ])->assertSessionHasErrors(['count' => 'A number from 1 to 7.']);
    }

    public function test_for_another_age_numbers_and_sizes_follow_and_what_is_not_for_it_stays_out(): void
    {
        $pencils = $this->pick($this->lot('pencils', ['pieces' => 40]), 5);
        $this->pick($this->lot('t-shirt', ['name' => 'Small shirt', 'size_label' => '6-7', 'pieces' => 9]), 1);
        $large = $this->lot('t-shirt', ['name' => 'Large shirt', 'size_label' => '12', 'pieces' => 1]);

        $this->like('8-12')->assertSessionHasNoErrors();
        // Six pencils for the oldest; the shirt in their size.
        self::assertEquals([$pencils->id => 6, $large->id => 1], $this->picked($this->newest()));

        $this->pick($this->lot('marbles', ['name' => 'Marbles', 'pieces' => 5]), 1);
        $this->like('2-3')->assertSessionHasNoErrors();
        self::assertIsString(session('said'));
        self::assertStringContainsString('Not carried over: ', session('said'));
        self::assertStringContainsString('Marbles (', session('said'));
        self::assertSame(0, $this->newest()->pieces()->where('kind', 'marbles')->count());
    }

    public function test_a_box_of_the_log_has_its_like_by_what_was_in_it(): void
    {
        $soap = $this->pick($this->lot('soap', ['name' => 'Pine soap', 'pieces' => 1]), 1);
        $this->box->update(['stage' => Stage::Packed]);
        $this->put("/boxes/{$this->box->id}/stage", ['stage' => 'handed-in', 'was' => 'packed'])
            ->assertSessionHasNoErrors();
        $more = $this->lot('soap', ['name' => 'Pine soap', 'pieces' => 2]);

        $this->like()->assertSessionHasNoErrors();
        self::assertSame([$more->id => 1], $this->picked($this->newest()));
        self::assertSame(1, $soap->setAsidePieces()->count());
    }

    public function test_for_nobody_or_without_a_theme_nothing_is_planned(): void
    {
        $this->post("/boxes/{$this->box->id}/like", ['band' => '90-99', 'gender' => 'wren', 'theme' => ' '])
            ->assertSessionHasErrors(['band', 'gender', 'theme' => 'Give it a theme, in at most 80 letters.']);
        self::assertSame(1, Box::query()->count());
    }

    private function pick(Lot $lot, int $quantity): Lot
    {
        Piece::factory()->createOne(['box_id' => $this->box->id, 'lot_id' => $lot->id, 'quantity' => $quantity]);

        return $lot;
    }

    /** @return TestResponse<Response> */
    private function like(string $band = '4-7'): TestResponse
    {
        return $this->post(
            "/boxes/{$this->box->id}/like",
            ['band' => $band, 'gender' => 'boy', 'theme' => 'Tide pool'],
        );
    }

    private function newest(): Box
    {
        return Box::query()->get()->sortByDesc('number')->firstOrFail();
    }

    /** @return array<string, int> how many of each lot, by its id */
    private function picked(Box $box): array
    {
        return array_map(intval(...), $box->pieces()->whereNotNull('lot_id')->pluck('quantity', 'lot_id')->all());
    }
}

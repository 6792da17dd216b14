<?php

declare(strict_types=1);

namespace Tests\Feature\Pack;

use App\Models\Bench;
use App\Models\BenchPress;
use App\Models\Box;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\Piece;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use PluckyWren\Core\Fit\Files\ResultFile;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\Preparation\Habits;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\TestCase;

/** A box packed step by step at the bench. */
final class BenchTest extends TestCase
{
    private Box $box;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->box = $this->box(['theme' => 'Tide pool']);
        foreach (['soap', 'notebook', 'toy-car'] as $kind) {
            Piece::factory()->createOne([
                'box_id' => $this->box->id, 'lot_id' => $this->lot($kind, ['name' => ucfirst($kind)])->id,
            ]);
        }
    }

    public function test_a_box_is_packed_press_by_press_and_how_the_lid_closed_is_kept(): void
    {
        $this->get($this->address())->assertOk()->assertSee('Take it to the bench');
        $this->begin();
        $this->get($this->address())
            ->assertSee('step 1 of 3 · about 2 minutes to go')
            ->assertSee('Lay “Notebook” flat, cover up, on the floor');
        foreach ([1, 2, 3] as $step) {
            $this->in($this->next())->assertRedirect($this->address());
            self::assertCount($step, $this->bench()->packed()->placements);
        }
        $this->get($this->address())->assertSee('All in')->assertSee('We thought: the lid closes flat.');
        $this->put("{$this->address()}/closed", ['closed' => 'snug'])
            ->assertSessionHas('said', 'Recorded: pressed, with two bands.');
        $this->get($this->address())->assertSee('On to the closing check');
        self::assertSame('snug', $this->bench()->closed);
    }

    public function test_the_closing_check_goes_by_how_the_lid_closed_over_what_is_in_it(): void
    {
        $closing = "/boxes/{$this->box->id}/closing";
        $this->begin();
        foreach ([1, 2, 3] as $_) {
            $this->in($this->next());
        }
        $this->get($closing)->assertSee('One rubber band is round it.');
        $this->put("{$this->address()}/closed", ['closed' => 'snug']);
        $this->get($closing)->assertSee('2 rubber bands are round it.')->assertSee('The lid closes over all of it.');
        $this->put("{$this->address()}/closed", ['closed' => 'open']);
        $this->get($closing)->assertSee('The lid does not close over all of it');

        // With something else in it nobody has tried yet.
        Piece::factory()->createOne(['box_id' => $this->box->id, 'lot_id' => $this->lot('comb')->id]);
        $this->get($closing)->assertSee('One rubber band is round it.')->assertSee('The lid closes over all of it.');
        $this->get($closing)->assertDontSee('Label it and hand it in');
        $this->put("/boxes/{$this->box->id}/stage", ['stage' => 'packed']);
        $this->get($closing)->assertSee('Label it and hand it in')->assertDontSee('Close it anyway');
    }

    public function test_what_went_in_last_is_taken_back_unless_someone_pressed_meanwhile(): void
    {
        $this->begin();
        $this->in($this->next());
        $saw = $this->bench()->version;
        $this->in($this->next());
        $this->post("{$this->address()}/presses", ['kind' => 'back', 'saw' => $saw])
            ->assertSessionHas('said', 'Someone at the other screen pressed meanwhile. Look again.');
        self::assertCount(2, $this->bench()->packed()->placements);
        $this->post("{$this->address()}/presses", ['kind' => 'back', 'saw' => $saw + 1]);
        self::assertCount(1, $this->bench()->packed()->placements);
    }

    public function test_the_same_press_from_two_screens_counts_once(): void
    {
        $this->begin();
        $first = $this->next();
        $this->in($first);
        $this->in($first);
        self::assertSame(1, $this->presses());
        // And so does the same form sent twice.
        $form = ['kind' => 'in', 'piece' => $this->next(), 'saw' => 2, 'once' => '01hzzzzzzzzzzzzzzzzzzzzzzz'];
        $this->post("{$this->address()}/presses", $form);
        $this->post("{$this->address()}/presses", $form);
        self::assertSame(2, $this->presses());
    }

    public function test_a_screen_that_looks_on_is_told_only_what_is_new(): void
    {
        $this->begin();
        $version = $this->bench()->version;
        $this->get("{$this->address()}?version={$version}-0")->assertNoContent();
        $this->in($this->next());
        $this->get("{$this->address()}?version={$version}-0")->assertOk()->assertSee('step 2 of 3');
    }

    public function test_what_does_not_go_in_is_tried_elsewhere_or_left_behind(): void
    {
        $this->begin();
        $this->in($this->next());
        $refused = $this->next();
        $this->get("{$this->address()}?refused={$refused}")->assertSee('did not go in. How?');
        $this->get("{$this->address()}?refused={$refused}&how=unliked")
            ->assertSee('Then go on like this')
            ->assertSee('Try it here instead: ')
            ->assertSee('Leave it behind, back to the stash; the rest goes in, the lid closes flat');
        $in = $this->bench()->packed()->placements;
        $before = $this->planned($refused);
        $this->goOn($refused, 'elsewhere')->assertSessionHas('said');
        self::assertNotEquals($before, $this->planned($refused));
        self::assertEquals($in, $this->bench()->packed()->placements, 'what is in never moves');

        $this->goOn($refused, 'behind');
        self::assertNull(Piece::query()->find($refused));
        $this->get($this->address())->assertSee('step 2 of 2');
    }

    public function test_a_smaller_one_from_the_stash_or_loose_beside_its_holder_goes_in_instead(): void
    {
        $this->begin();
        $this->in($this->next());
        $refused = Piece::query()->whereHas('lot', fn ($lot) => $lot->where('kind', 'soap'))->sole();
        $more = "{$this->address()}?refused={$refused->id}&how=too-tall&more=1";
        $this->get($more)->assertDontSee('a smaller one from your stash');
        $small = $this->lot('soap', [
            'name' => 'Guest soap', 'size' => new Size(500, 300, 150), 'is_measured' => true,
        ]);
        $this->get($more)->assertSee('Take “Guest soap” instead, a smaller one from your stash');
        $in = $this->bench()->packed()->placements;
        $this->goOn($refused->id, 'smaller')->assertSessionHas('said');

        $instead = Piece::query()->where('lot_id', $small->id)->sole();
        self::assertNull(Piece::query()->find($refused->id));
        self::assertNotNull($this->planned($instead->id));
        self::assertEquals($in, $this->bench()->packed()->placements, 'what is in never moves');

        // A pouch with an eraser in it: the eraser goes in loose.
        $pouch = Piece::factory()->createOne([
            'box_id' => $this->box->id, 'lot_id' => $this->lot('pencil-case', ['name' => 'Pouch'])->id,
        ]);
        $eraser = Piece::factory()->createOne([
            'box_id' => $this->box->id, 'lot_id' => $this->lot('eraser')->id, 'into_id' => $pouch->id,
        ]);
        $this->begin();
        $this->get("{$this->address()}?refused={$pouch->id}&how=bulges&more=1")
            ->assertSee('Take out of it what is in it, and lay it in loose');
        $this->goOn($pouch->id, 'loose');
        self::assertNull($eraser->refresh()->into_id);
        self::assertNotNull($this->planned($eraser->id));
        $this->goOn($pouch->id, 'loose')->assertSessionHas('said', 'Someone at the other screen pressed meanwhile. '
            .'Look again.');
    }

    public function test_a_helper_fetches_what_is_wanted_next_and_each_sees_the_other(): void
    {
        $this->get($this->address())->assertSee('Lay everything out first');
        $this->begin();
        $first = Piece::query()->with('lot')->findOrFail($this->next());
        $first->lot?->update(['kept' => 'hall, blue tub']);
        $name = (string) $first->lot?->name;
        $fetch = "{$this->address()}?role=fetch";
        $this->get($fetch)
            ->assertSee("At the box: step 1 of 3, “{$name}”")
            ->assertSeeInOrder(['Fetch this next', $name, 'It is kept in: hall, blue tub', 'for step 1']);
        $this->get($this->address())->assertDontSee('not on the table yet');

        $later = Piece::query()->whereKeyNot($first->id)->firstOrFail();
        $tick = fn (string $id) => $this->put(
            "/pieces/{$id}/laid-out", ['laid' => '1', 'box' => $this->box->id, 'to' => 'fetch'],
        )->assertRedirect($fetch);
        $tick($later->id);
        $this->get($this->address())->assertSee('It is not on the table yet.');
        $this->get("{$fetch}&version=1-1")->assertNoContent();
        $tick($this->next());
        $this->get("{$fetch}&version=1-1")->assertOk();
        $this->get($this->address())->assertSee('It lies on the table.');
        $this->in($this->next());
        $this->get($fetch)->assertSee('At the box: step 2 of 3');
        Piece::query()->where('is_laid_out', false)->get()->each(fn (Piece $piece) => $tick($piece->id));
        $this->get($fetch)->assertSee('Everything is on the table.');

        $this->crew->update(['habits' => new Habits(callsTheRoll: false)]);
        Bench::query()->delete();
        $this->get($this->address())->assertOk()->assertSee('Take it to the bench');
    }

    public function test_the_layout_that_closed_is_kept_on_a_page_and_repeated_for_a_twin(): void
    {
        $this->begin();
        $placements = $this->bench()->result()->placements;
        // The last goes in first, so it does not lie where it was planned.
        $this->in($placements[count($placements) - 1]->id);
        $this->in($this->next());
        $this->in($this->next());
        $twin = $this->box(['theme' => 'Mountain hut', 'number' => 91]);
        foreach (Lot::query()->get() as $lot) {
            Piece::factory()->createOne(['box_id' => $twin->id, 'lot_id' => $lot->id]);
        }
        $this->get("/boxes/{$twin->id}/bench")->assertDontSee('Repeat that layout');
        $this->put("{$this->address()}/closed", ['closed' => 'flat', 'remark' => 'Car first.']);
        $this->get("/boxes/{$this->box->id}/layout")
            ->assertOk()
            ->assertSeeInOrder(['How “Tide pool” was packed', 'Flat, with one band', 'Car first.', '1.', '3.']);

        $this->get("/boxes/{$twin->id}/bench")->assertSee('The same things are in “Tide pool”, which closed (flat');
        $this->post("/boxes/{$twin->id}/bench", ['like' => $this->box->id])->assertRedirect();
        $parts = fn (array $placements): array => collect($placements)->mapWithKeys(
            fn ($placement): array => [
                (string) Piece::query()->whereKey($placement->id)->value('lot_id') => $placement->parts,
            ],
        )->sortKeys()->all();
        self::assertEquals(
            $parts($this->bench()->packed()->placements),
            $parts(Bench::query()->findOrFail($twin->id)->result()->placements),
        );
        $other = $this->box(['number' => 92]);
        $this->post("/boxes/{$other->id}/bench", ['like' => $this->box->id])->assertNotFound();
        $this->get("/boxes/{$other->id}/layout")->assertNotFound();
    }

    public function test_a_piece_put_in_before_its_turn_is_planned_around(): void
    {
        $this->begin();
        $placements = $this->bench()->result()->placements;
        $last = $placements[count($placements) - 1]->id;
        $this->in($last);
        self::assertTrue($this->bench()->packed()->isIn($last));
        $this->in($this->next());
        $this->in($this->next());
        $this->get($this->address())->assertSee('All in');
    }

    public function test_a_bottle_is_filled_first_and_counts_as_a_step_of_its_own(): void
    {
        $bottle = Piece::factory()->createOne([
            'box_id' => $this->box->id, 'lot_id' => $this->lot('water-bottle', ['name' => 'Bottle'])->id,
        ]);
        Piece::factory()->createOne([
            'box_id' => $this->box->id, 'lot_id' => $this->lot('eraser', ['name' => 'Eraser'])->id,
            'into_id' => $bottle->id,
        ]);
        $this->begin();
        for ($step = 1; $step <= 5; $step++) {
            $this->get($this->address())->assertSee("step {$step} of 5");
            $this->in($this->next());
        }
        $this->get($this->address())->assertSee('All in');
    }

    public function test_a_changed_box_is_planned_again_around_what_is_in(): void
    {
        $this->begin();
        $this->in($this->next());
        Piece::factory()->createOne(['box_id' => $this->box->id, 'lot_id' => $this->lot('comb')->id]);
        $this->get($this->address())->assertSee('The box was changed since it was laid out.');
        $this->begin();
        // The comb lies beside another thing, and goes in with it.
        $this->get($this->address())->assertSee('step 2 of 3')->assertDontSee('was changed');
    }

    public function test_of_two_that_go_in_together_either_may_not_go_in(): void
    {
        [$first, $second] = $this->pair();
        $names = Piece::query()->with('lot')->get()->mapWithKeys(
            static fn (Piece $piece): array => [$piece->id => (string) $piece->lot?->name],
        );
        $this->get($this->address())
            ->assertSee('step 1 of 1')
            ->assertSee("{$names[$first]} and {$names[$second]}")
            ->assertSeeInOrder(['Both are in', 'One of them did not go in']);
        $this->get("{$this->address()}?refused=which")
            ->assertSeeInOrder([
                'Which of the two did not go in?', "refused={$first}", $names[$first], "refused={$second}",
                $names[$second],
            ], false)
            ->assertDontSee('did not go in. How?');
        $this->get("{$this->address()}?refused={$second}")->assertSee("“{$names[$second]}” did not go in. How?");

        // The second is tried once the first is in; to look at the ways on changes nothing.
        $this->get("{$this->address()}?refused={$second}&how=unliked&more=1")->assertOk();
        self::assertSame(0, $this->presses());
        $this->goOn($second, 'elsewhere')->assertSessionHas('said');
        self::assertSame([$first], array_column($this->bench()->packed()->placements, 'id'));
        $this->get($this->address())->assertSee('step 2 of 2')->assertSee('It is in')->assertDontSee('Both are in');
    }

    public function test_two_go_in_with_one_press_and_come_out_with_one(): void
    {
        [$first, $second] = $this->pair();
        $this->in($first);
        self::assertEqualsCanonicalizing(
            [$first, $second],
            array_column($this->bench()->packed()->placements, 'id'),
        );
        $this->get($this->address())->assertSee('All in');
        $this->post("{$this->address()}/presses", ['kind' => 'back', 'saw' => $this->bench()->version]);
        self::assertSame([], $this->bench()->packed()->placements);

        // One of them not being there any more, the other goes in alone.
        Piece::query()->findOrFail($first)->delete();
        $this->get($this->address())->assertSee('step 1 of 1')->assertDontSee('Both are in');
        $this->in($second);
        self::assertSame([$second], array_column($this->bench()->packed()->placements, 'id'));
    }

    /** @return array{string, string} ids of two plain things side by side in one step, with nothing else in the box */
    private function pair(): array
    {
        Piece::query()->delete();
        foreach (['Tin' => [900, 600, 400], 'Comb' => [800, 300, 100]] as $name => $size) {
            Piece::factory()->createOne(['box_id' => $this->box->id, 'lot_id' => $this->lot('toy-car', [
                'name' => $name, 'size' => new Size(...$size), 'is_measured' => true,
            ])->id]);
        }
        $this->begin();
        [$tin, $comb] = Piece::query()->with('lot')->get()->sortByDesc('lot.name')->pluck('id')->all();
        $this->bench()->update(['plan' => ResultFile::write(new Result([
            new Placement($tin, 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 900, 600, 400)]),
            new Placement($comb, 1, null, How::Flat, 0.0, [new Part(900, 0, 0, 800, 300, 100)]),
        ], []))]);

        return [$tin, $comb];
    }

    public function test_nonsense_is_refused_and_a_closed_box_stays_as_it_is(): void
    {
        $this->begin();
        $address = $this->address();
        $this->post("{$address}/presses", ['kind' => 'fling', 'saw' => 1])->assertSessionHasErrors('kind');
        $this->post("{$address}/ways", ['piece' => 'x', 'how' => 'no', 'way' => 'out'])->assertSessionHasErrors('how');
        $this->in('nobody')->assertRedirect($address);
        $this->get("{$address}?refused=nobody&how=too-tall")->assertOk();
        $this->get("{$address}?look=999&refused[]=x&how=zz")->assertOk();
        self::assertSame(0, $this->presses());
        $first = $this->next();
        Box::query()->whereKey($this->box->id)->update(['stage' => 'packed']);
        $this->in($first);
        self::assertSame(0, $this->presses());
    }

    public function test_another_crews_bench_is_not_there(): void
    {
        $this->begin();
        $this->actingAs(User::factory()->createOne(['crew_id' => Crew::factory()]));
        $this->get($this->address())->assertNotFound();
        $this->post("{$this->address()}/presses", ['kind' => 'back', 'saw' => 1])->assertNotFound();
    }

    /** @phpstan-impure */
    private function presses(): int
    {
        return BenchPress::query()->count();
    }

    private function address(): string
    {
        return "/boxes/{$this->box->id}/bench";
    }

    private function begin(): void
    {
        $this->post($this->address())->assertRedirect($this->address());
    }

    private function bench(): Bench
    {
        return Bench::query()->with('presses')->findOrFail($this->box->id);
    }

    /** The piece whose turn it is. */
    private function next(): string
    {
        $packed = $this->bench()->packed();
        foreach ($this->bench()->result()->placements as $placement) {
            if (! $packed->isIn($placement->id)) {
                return $placement->id;
            }
        }
        self::fail('All is in.');
    }

    private function planned(string $piece): mixed
    {
        return array_column($this->bench()->result()->placements, 'parts', 'id')[$piece] ?? null;
    }

    /** @return TestResponse<Response> */
    private function in(string $piece): TestResponse
    {
        return $this->post(
            "{$this->address()}/presses",
            ['kind' => 'in', 'piece' => $piece, 'saw' => $this->bench()->version],
        );
    }

    /** @return TestResponse<Response> */
    private function goOn(string $piece, string $way): TestResponse
    {
        return $this->post(
            "{$this->address()}/ways",
            ['piece' => $piece, 'how' => 'unliked', 'way' => $way],
        );
    }
}

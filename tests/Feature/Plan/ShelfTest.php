<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Box;
use App\Models\FitResult;
use App\Models\Piece;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Closure;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Reason;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Fit\Solver;
use Tests\Feature\TestCase;

final class ShelfTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_each_box_stands_on_the_shelf_of_its_stage_with_its_gauges(): void
    {
        $this->box(['theme' => 'Kite festival']);
        $this->box(['theme' => 'Little railway', 'stage' => Stage::Gathering]);

        $this->get('/boxes')->assertSeeInOrder([
            'Planned',
            'Kite festival',
            '0 of 17',
            '9.00',
            'Nothing to take out',
            'Gathering',
            'Little railway',
            'Ready to pack',
            'No box waits to be packed.',
        ]);
    }

    public function test_the_shelf_never_solves_and_says_not_tried_yet(): void
    {
        $box = $this->filledBox();
        $this->app->bind(Solver::class, static fn (): Solver => new class implements Solver
        {
            public function solve(Problem $problem, Budget $budget, int $seed = 1): Result
            {
                throw new \LogicException('It solved.');
            }
        });
        $this->get('/boxes')->assertOk()->assertSee('Not checked yet');

        $this->app->bind(Solver::class, CornerSolver::class);
        $this->get("/boxes/{$box->id}")->assertSee('Closes flat');
        $this->get('/boxes')->assertDontSee('Not checked yet')->assertSee('Closes flat');
    }

    public function test_a_box_that_stands_there_untried_is_tried_behind_the_page(): void
    {
        $box = $this->filledBox();
        $this->box(['theme' => 'Nothing in it']);
        $tile = route('boxes.on-shelf', $box);

        $this->get('/boxes')->assertSee("hx-get=\"{$tile}\"", false)->assertSee('Not checked yet');
        $shelf = (string) $this->get('/boxes')->getContent();
        self::assertSame(1, substr_count($shelf, '/on-shelf"'), 'one that is empty is not tried');
        $this->get($tile, ['HX-Request' => 'true'])
            ->assertSee('Closes flat')
            ->assertSee($box->theme)
            ->assertDontSee('<html', false)
            ->assertDontSee('/on-shelf', false);
        $this->get('/boxes')->assertDontSee('Not checked yet')->assertDontSee('/on-shelf', false);
        $this->get($tile)->assertRedirect('/boxes');
    }

    public function test_an_unchanged_box_is_never_solved_twice_and_a_changed_one_is(): void
    {
        $box = $this->filledBox();
        $this->get("/boxes/{$box->id}");
        $this->get("/boxes/{$box->id}");
        self::assertSame(1, $this->packings());

        $box->update(['theme' => 'Another name']);
        $this->get("/boxes/{$box->id}");
        self::assertSame(1, $this->packings());

        $box->pieces->firstOrFail()->update(['quantity' => 2]);
        $this->get("/boxes/{$box->id}");
        self::assertSame(2, $this->packings());
    }

    public function test_what_another_crew_has_tried_is_tried_anew(): void
    {
        $box = $this->filledBox();
        $this->get("/boxes/{$box->id}");
        $problem = FitResult::query()->firstOrFail()->problem;
        FitResult::query()->toBase()->delete();
        FitResult::factory()->createOne(['problem' => $problem]);

        $this->get('/boxes')->assertSee('Not checked yet');
        $this->get("/boxes/{$box->id}")->assertSee('1. Soap, pine');
    }

    public function test_a_box_that_closed_closes_with_one_thing_less_whatever_is_found_the_second_time(): void
    {
        $box = $this->filledBox();
        $comb = $this->putIn($box, 'comb', 'Comb, pocket');
        $this->get("/boxes/{$box->id}")->assertSee('Closes flat');
        $this->app->bind(Solver::class, static fn (): Solver => new class implements Solver
        {
            public function solve(Problem $problem, Budget $budget, int $seed = 1): Result
            {
                $out = array_map(static fn (string $id): LeftOut => new LeftOut($id, Reason::NoRoom), array_keys(
                    $problem->singles(),
                ));

                return new Result([], $out, Closure::measured(0.0, 0.0, 0.0, 8.0));
            }
        });
        $comb->delete();
        $this->get("/boxes/{$box->id}")->assertSee('Closes flat')->assertDontSee('does not fit');

        $this->putIn($box, 'ruler', 'Ruler');
        $this->get("/boxes/{$box->id}")->assertSee('2 do not fit');
    }

    public function test_what_is_larger_than_the_box_is_named_with_the_reason(): void
    {
        $box = $this->filledBox();
        $lot = $this->lot('ruler', [
            'name' => 'Broom handle',
            'size' => new \PluckyWren\Core\Measure\Size(9000, 300, 300),
        ]);
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $lot->id]);

        $this->get("/boxes/{$box->id}")
            ->assertSee('1 does not fit')
            ->assertSee('Broom handle (larger than the box)')
            ->assertDontSee('Closes flat');
    }

    public function test_the_open_box_is_drawn_from_data_and_told_in_words(): void
    {
        $box = $this->filledBox();

        $this->get("/boxes/{$box->id}")
            ->assertSee('<title>1. Soap, pine</title>', false)
            ->assertSee('In it: 1. Soap, pine')
            ->assertSee('lid line')
            ->assertDontSee('style=', false);
        // In which order it goes in is told where it is packed, and once it can be.
        $steps = 'Put “Soap, pine” on the floor, in the back left corner.';
        $this->get("/boxes/{$box->id}")->assertDontSee($steps);
        $this->get("/boxes/{$box->id}/fit")->assertSee($steps);
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'ready']);
        $this->get("/boxes/{$box->id}")->assertSee($steps);
    }

    public function test_how_it_goes_in_is_shown_step_by_step_and_from_every_side(): void
    {
        $box = $this->filledBox();
        $this->get("/boxes/{$box->id}/fit")
            ->assertOk()
            ->assertSee('seen from the front')
            ->assertSee('Layer 1: ')
            ->assertSee('In this order');
        $this->get("/boxes/{$box->id}/fit?step=0&turn=3")
            ->assertOk()
            ->assertSee('Nothing is in yet')
            ->assertSee('seen from the right');
        $this->get("/boxes/{$box->id}/fit?step=1")->assertOk()->assertSee('Step 1 of ')->assertSee('is-current', false);
        foreach (['step=999999', 'step=-1', 'step[]=1&turn[]=x', 'turn=9'] as $query) {
            $this->get("/boxes/{$box->id}/fit?{$query}")->assertOk();
        }
        $empty = $this->box(['theme' => 'Empty']);
        $this->get("/boxes/{$empty->id}/fit")->assertOk()->assertSee('Nothing to fit in yet');
    }

    public function test_it_says_what_to_do_next(): void
    {
        $box = $this->box(['theme' => 'Tide pool', 'stage' => Stage::Gathering]);
        $this->get('/boxes')->assertSee('“Tide pool” still lacks lead gift and something soft');

        $this->lot();
        $this->get('/boxes')->assertSee('pick soap for “Tide pool”, it is in the stash.');

        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot('star-viewer')->id]);
        $this->get('/boxes')->assertSee('look at Pocket telescope in “Tide pool”');
    }

    public function test_the_number_of_queries_does_not_grow_with_the_number_of_boxes(): void
    {
        foreach (['/boxes' => 12, '/gather' => 8, '/pack' => 10, '/send' => 10] as $address => $most) {
            $this->boxesOnShelf(8);
            // The signed-in member stays one object over the requests of a test, and so does their crew.
            $this->packer->unsetRelation('crew');
            $few = $this->queries($address);
            $this->boxesOnShelf(80);
            $this->packer->unsetRelation('crew');
            $many = $this->queries($address);

            self::assertSame($few, $many, $address);
            self::assertLessThanOrEqual($most, $many, $address);
        }
        $box = $this->filledBox();
        $this->get("/boxes/{$box->id}");
        $few = $this->queries("/boxes/{$box->id}");
        foreach (range(1, 25) as $number) {
            Piece::factory()->createOne([
                'box_id' => $box->id,
                'lot_id' => $this->lot('pencils', ['name' => "Pencil {$number}"])->id,
            ]);
        }
        $this->get("/boxes/{$box->id}");
        self::assertSame($few, $this->queries("/boxes/{$box->id}"));
        self::assertLessThanOrEqual(10, $few);
    }

    /** @phpstan-impure */
    private function packings(): int
    {
        return FitResult::query()->count();
    }

    private function filledBox(): Box
    {
        $box = $this->box();
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot()->id]);

        return $box;
    }

    private function boxesOnShelf(int $count): void
    {
        for ($there = Box::query()->count(); $there < $count; $there++) {
            $this->filledBox()->update(['stage' => Stage::cases()[$there % 5]]);
        }
    }
}

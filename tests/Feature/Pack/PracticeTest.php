<?php

declare(strict_types=1);

namespace Tests\Feature\Pack;

use App\Models\Box;
use App\Models\Crew;
use App\Models\Piece;
use App\Models\User;
use App\Pages\Pack\PracticeFind;
use App\Pages\Pack\PracticePack;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Guide\Rules\RuleBook;
use Tests\Feature\TestCase;

/** A quiet way to learn it; nothing of it is kept. */
final class PracticeTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['wren.fit.page.attempts' => 2]);
        $this->actingAs($this->packer);
    }

    public function test_what_the_checkers_find_is_scored_with_the_reason_for_each(): void
    {
        $this->get('/pack/practice')->assertOk()->assertSee('Find what the checkers find')->assertSee('Pack it');
        $address = '/pack/practice/find?level=2&seed=5';
        $find = PracticeFind::of(['level' => '2', 'seed' => '5'], resolve(RuleBook::class), 0);
        $wrong = array_keys($find->checked->wrong);
        $missing = array_keys($find->checked->missing);
        $fine = array_values(array_diff(array_column($find->plan->pieces, 'id'), $wrong))[0];
        $this->get($address)->assertSee('What is missing?')->assertDontSee('points');

        $query = http_build_query(['done' => 1, 'out' => [$wrong[0], $fine], 'missing' => $missing]);
        $most = count($wrong) + count($missing);
        $this->get("{$address}&{$query}")
            ->assertSee((count($missing)).' of '.$most.' points.')
            ->assertSee('Right, it may not go.')
            ->assertSee('This may not go.')
            ->assertSee('This is fine.')
            ->assertSee($find->why($wrong[1]));
        $all = http_build_query([
            'done' => 1, 'out' => $wrong, 'missing' => $missing, 'clock' => 1, 'began' => time() - 42,
        ]);
        $this->get("{$address}&{$all}")->assertSee("{$most} of {$most} points.")->assertSee('In 4');
    }

    public function test_the_first_level_asks_by_pictures_alone(): void
    {
        $find = PracticeFind::of(['level' => '1', 'seed' => '9'], resolve(RuleBook::class), 0);
        $this->get('/pack/practice/find?level=1&seed=9')
            ->assertSee('class="sr-only">'.e($find->plan->pieces[0]->name), false)
            ->assertDontSee('What is missing?');
        self::assertSame(2, $find->most());
    }

    public function test_a_box_is_packed_by_hand_and_compared_with_the_engine(): void
    {
        $pack = PracticePack::of(['level' => '1', 'seed' => '5']);
        $put = [];
        foreach (array_keys($pack->problem->singles()) as $id) {
            $asked = http_build_query(['level' => 1, 'seed' => 5, 'put' => $put, 'take' => $id]);
            $now = PracticePack::of(['level' => '1', 'seed' => '5', 'put' => $put, 'take' => (string) $id]);
            $this->get("/pack/practice/pack?{$asked}")
                ->assertOk()
                ->assertSee("Where does “{$now->taken?->name}” go?");
            $put = $now->places() === [] ? $put : [...$put, "{$id}.0"];
        }
        $in = count($put);
        self::assertGreaterThan(3, $in);
        $all = count($pack->problem->singles());
        $done = http_build_query(['level' => 1, 'seed' => 5, 'put' => $put, 'done' => 1]);
        $this->get("/pack/practice/pack?{$done}")
            ->assertSeeInOrder(['You:', "{$in} of {$all} in, ", 'The engine:', "{$all} of {$all} in, "]);
    }

    public function test_one_of_the_crews_own_boxes_is_practised_with_and_stays_as_it_is(): void
    {
        $box = $this->box(['theme' => 'Tide pool', 'band' => '4-7']);
        foreach (['soap', 'comb', 'notebook', 'toy-car'] as $kind) {
            Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot($kind)->id]);
        }
        $before = DB::table('pieces')->get()->all();
        $this->get('/pack/practice')->assertSee('Tide pool');
        $find = PracticeFind::of(['level' => '3', 'seed' => '5', 'box' => $box->id], resolve(RuleBook::class), 0);
        self::assertCount(2 + 4, $find->plan->pieces);
        $this->get("/pack/practice/find?level=3&seed=5&box={$box->id}")->assertOk();
        $this->get("/pack/practice/pack?level=3&seed=5&box={$box->id}")->assertOk();
        self::assertEquals($before, DB::table('pieces')->get()->all());

        $this->actingAs(User::factory()->createOne(['crew_id' => Crew::factory()]));
        $this->get("/pack/practice/find?level=3&seed=5&box={$box->id}")->assertNotFound();
    }

    public function test_nonsense_in_the_address_is_passed_over(): void
    {
        $this->get('/pack/practice/find?level[]=9&seed=x&out=soap&began=soon&clock=1&done=1')->assertOk();
        $long = str_repeat('a', 200);
        $this->get("/pack/practice/pack?level=77&seed=-3&put[]=soap&put[]=soap.99&put[]={$long}.1&take=x")->assertOk();
        $this->get('/pack/practice/pack?box=nobodys')->assertNotFound();
        self::assertSame(0, Box::query()->count());
    }
}

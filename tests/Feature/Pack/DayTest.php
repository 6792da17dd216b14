<?php

declare(strict_types=1);

namespace Tests\Feature\Pack;

use App\Models\BoxSeat;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Stage;
use Tests\Feature\TestCase;

final class DayTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_people_sit_down_move_on_and_leave(): void
    {
        $tide = $this->box(['theme' => 'Tide pool']);
        $kite = $this->box(['theme' => 'Kite hill', 'number' => 2]);
        $this->post("/pack/day/{$tide->id}", ['name' => 'Bram'])->assertRedirect('/pack/day');
        $this->post("/pack/day/{$tide->id}")->assertRedirect('/pack/day');
        $this->get('/pack/day')->assertOk()
            ->assertSee('<b class="day-seat">Bram</b>', false)
            ->assertSee('day-seat">'.e($this->packer->name), false)
            ->assertSee('0 packed, 2 still open, 2 at the table');

        $this->post("/pack/day/{$kite->id}", ['name' => 'Bram'])->assertRedirect('/pack/day');
        self::assertSame([$kite->id], BoxSeat::query()->where('name', 'Bram')->pluck('box_id')->all());
        $this->delete("/pack/day/{$kite->id}", ['name' => 'Bram'])->assertRedirect('/pack/day');
        self::assertSame(1, BoxSeat::query()->count());
        $this->travel(13)->hours();
        $this->get('/pack/day')->assertSee('0 at the table');
    }

    public function test_it_tells_what_each_box_wants_and_what_runs_short(): void
    {
        $this->box(['theme' => 'Tide pool']);
        $this->box(['theme' => 'Kite hill', 'number' => 2, 'stage' => Stage::Packed]);

        $this->get('/pack/day')
            ->assertSeeInOrder(['Next:', 'put the first thing in', 'Next:', 'hand it in'])
            ->assertSee('What runs short')
            ->assertSee(' more</b>', false);
        $this->get('/pack/day', ['HX-Request' => 'true'])->assertDontSee('<html', false);
    }

    public function test_a_name_that_is_too_long_is_told(): void
    {
        $box = $this->box();
        $this->post("/pack/day/{$box->id}", ['name' => str_repeat('x', 41)])->assertSessionHasErrors('name');
        self::assertSame(0, BoxSeat::query()->count());
    }

    public function test_many_boxes_need_no_more_queries(): void
    {
        $counts = [];
        foreach ([3, 12] as $many) {
            while (DB::table('boxes')->count() < $many) {
                $this->box(['number' => DB::table('boxes')->count() + 1]);
            }
            $this->get('/pack/day')->assertOk();
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get('/pack/day')->assertOk();
            $counts[] = count(DB::getQueryLog());
        }
        self::assertLessThanOrEqual($counts[0] + 2, $counts[1]);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Pack;

use App\Models\Bench;
use App\Models\Box;
use App\Models\Learned;
use App\Models\Piece;
use App\Reference\LearnedGive;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Stash\Catalogue;
use Tests\Feature\TestCase;

/** How lids closed, and what a crew reckons with since. */
final class LearnedTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_how_the_lid_closed_is_kept_with_what_was_thought_and_what_was_done(): void
    {
        $box = $this->box();
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot('soap')->id]);
        $this->post("/boxes/{$box->id}/bench");
        $piece = Bench::query()->sole()->result()->placements[0]->id;
        $this->post("/boxes/{$box->id}/bench/presses", ['kind' => 'in', 'piece' => $piece, 'saw' => 1]);
        $close = fn (array $what) => $this->put("/boxes/{$box->id}/bench/closed", $what);

        $close(['closed' => 'snug', 'proud' => '1.5'])->assertSessionHasErrors('proud');
        $close(['closed' => 'ajar'])->assertSessionHasErrors('closed');
        $close(['closed' => 'snug', 'proud' => '12', 'remark' => 'The soap stands on edge.'])
            ->assertSessionHas('said', 'Recorded: pressed, with two bands.');
        $bench = Bench::query()->sole();
        self::assertSame(
            ['snug', 'flat', 12, 'The soap stands on edge.'],
            [$bench->closed, $bench->foretold, $bench->proud_mm, $bench->remark],
        );
        $this->get('/pack')->assertSee('Lids as foretold: 0 of 1.');
    }

    public function test_a_step_is_proposed_taken_by_a_member_and_taken_back(): void
    {
        foreach ([1, 2, 3] as $number) {
            $this->closed($this->box(['number' => 70 + $number]), 'tight', 'snug');
        }
        $shipped = self::squeeze();
        $then = $shipped - 5;
        $this->get('/pack')->assertSee('Lids as foretold: 0 of 3.')->assertSee(
            "can be pressed a little more than we thought, as 3 boxes say: to {$then} % of its size instead of "
                ."{$shipped} %",
        );
        self::assertSame(0, Learned::query()->count(), 'nothing is learned silently');

        $this->post('/pack/learned', ['what' => 'squeeze', 'kind' => 'soap'])->assertNotFound();
        $this->post('/pack/learned', ['what' => 'squeeze', 'kind' => 'plush-small'])->assertRedirect('/pack');
        self::assertSame($then, self::squeeze());
        $this->get('/pack')
            ->assertSee("is pressed to {$then} % of its size (shipped: {$shipped} %)")
            ->assertDontSee('can be pressed a little more');

        $this->delete('/pack/learned/'.Learned::query()->sole()->id)->assertRedirect('/pack');
        self::assertSame($shipped, self::squeeze());
    }

    public function test_a_lid_that_gives_more_is_reckoned_so_in_every_box_of_its_kind(): void
    {
        Learned::query()->create([
            'crew_id' => $this->crew->id, 'what' => 'lid', 'kind' => 'straight-card', 'value' => 90, 'by' => 'Ines',
        ]);
        $box = $this->box(['box_kind' => 'straight-card']);

        self::assertSame(90, $box->boxKind()->inside->bulge);
        self::assertSame(80, resolve(BoxKinds::class)->get('straight-card')->inside->bulge);
        self::assertSame(40, resolve(LearnedGive::class)->ofBox(resolve(BoxKinds::class)->get('tapered-tub'))
            ->inside->bulge);
        $this->get('/pack')->assertSee('The lid of the straight card box gives 9 mm (shipped: 8 mm); Ines');
    }

    /** Hundredths of its size, as the crew reckons now. */
    private static function squeeze(): int
    {
        return (int) round(resolve(Catalogue::class)->get('plush-small')->handling->squeeze * 100);
    }

    private function closed(Box $box, string $foretold, string $closed): void
    {
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot('plush-small')->id]);
        Bench::query()->create([
            'box_id' => $box->id, 'crew_id' => $box->crew_id, 'plan' => '{}', 'closed' => $closed,
            'foretold' => $foretold, 'closed_at' => now()->subDay(),
        ]);
    }
}

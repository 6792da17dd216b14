<?php

declare(strict_types=1);

namespace Tests\Feature\Pack;

use App\Models\Box;
use Tests\Feature\TestCase;

/** An evening: kits first, one kind of work at a time, box by box; shared among who sits there. */
final class EveningTest extends TestCase
{
    private Box $box;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->box = $this->box(['theme' => 'Tide pool']);
        $cup = $this->putIn($this->box, 'cup', 'Blue cup');
        $comb = $this->putIn($this->box, 'comb', 'Pine comb');
        $comb->update(['into_id' => $cup->id]);
        $this->putIn($this->box(['theme' => 'Kite festival']), 'soap', 'Kite soap');
    }

    public function test_kits_come_first_then_one_kind_of_work_at_a_time_then_the_boxes(): void
    {
        $this->get('/pack/evening')->assertOk()
            ->assertSeeInOrder([
                'Fill first', 'Blue cup: Pine comb', 'Bag', 'Kite soap', 'Then box by box', 'Tide pool',
            ])
            ->assertDontSee('about');
        // Only for one of the boxes.
        $this->get("/pack/evening?with[]={$this->box->id}")->assertOk()
            ->assertSee('Pine comb')->assertDontSee('Kite soap');
        $this->get('/pack/evening?with=x&people[]=y')->assertOk();
    }

    public function test_the_work_is_shared_among_those_who_are_named(): void
    {
        $this->get('/pack/evening?people=Ines,%20Tom,%20Ines')->assertOk()
            ->assertSeeInOrder(['Ines: about', 'min', 'Tom: about', 'min'])
            ->assertDontSee('Tom, Ines');
    }
}

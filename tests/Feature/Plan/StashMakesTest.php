<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\CrewSeason;
use App\Models\TargetPrice;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\ItemTrait;
use Tests\Feature\TestCase;

/** How many complete boxes lie in the stash. */
final class StashMakesTest extends TestCase
{
    /** What the guide asks for a child of two or three years, without soap. */
    private const FOR_THE_YOUNGEST = [
        'stacking-toy' => 3, 'rag-doll' => 3, 'picture-book' => 3, 'crayons-thick' => 3, 'colouring-book' => 3,
        'toothbrush' => 3, 'washcloth' => 3, 'socks' => 6, 'underwear' => 6, 'cup' => 3, 'letter' => 3,
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_it_counts_complete_boxes_tells_what_runs_out_and_what_more_would_cost(): void
    {
        foreach (self::FOR_THE_YOUNGEST as $kind => $pieces) {
            $this->lot($kind, ['pieces' => $pieces]);
        }
        $this->lot('t-shirt', ['pieces' => 3, 'size_label' => '3T']);
        $this->lot('soap', ['pieces' => 2]);
        TargetPrice::query()->create([
            'crew_id' => $this->crew->id, 'kind' => 'soap', 'target' => new Money(42, Currency::of('EUR')),
        ]);
        CrewSeason::query()->create(
            ['crew_id' => $this->crew->id, 'year' => 2026, 'goals' => ['2-3' => 8], 'by' => 'Ines'],
        );

        $this->get('/boxes/from-stash')->assertOk()
            ->assertSee('Your stash makes 2 complete boxes.')
            ->assertSeeInOrder(['girl, 2–3', 'one box', '4 still wanted', 'boy, 2–3', 'one box'])
            ->assertSeeInOrder(['What runs out first', 'Soap'])
            // One of everything else is left for one box more: five more want five of each but what there is.
            ->assertSeeInOrder(['For 7 boxes', '5 × Bar of soap', '2.10']);
        $this->box();
        $this->get('/boxes')->assertSee('What the stash makes');
    }

    public function test_what_would_be_taken_out_or_is_of_another_size_makes_no_box(): void
    {
        foreach (self::FOR_THE_YOUNGEST as $kind => $pieces) {
            $this->lot($kind, ['pieces' => $pieces]);
        }
        $shirt = $this->lot('t-shirt', ['pieces' => 3, 'size_label' => '3T']);
        $soap = $this->lot('soap', ['pieces' => 3]);
        $this->get('/boxes/from-stash')->assertSee('Your stash makes 3 complete boxes.');

        $shirt->update(['size_label' => '12']);
        $this->get('/boxes/from-stash')->assertSee('Your stash does not make one complete box.');
        $shirt->refresh()->update(['size_label' => '3T']);
        $soap->refresh()->update(['traits' => [ItemTrait::SmallPart]]);
        $this->get('/boxes/from-stash')->assertSee('Your stash does not make one complete box.');
    }

    public function test_an_empty_stash_says_so(): void
    {
        $this->get('/boxes/from-stash')->assertOk()
            ->assertSee('Your stash does not make one complete box.')
            ->assertSee('no price known');
    }
}

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
        // The guide says for whom there are too few.
        $this->get('/boxes/from-stash')->assertSeeInOrder(['girl, 8–12', 'boy, 8–12', 'most asked for']);
        $this->get('/boxes/new')->assertSee('Most asked for: boys of 8–12.');
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

    public function test_what_is_left_of_the_budget_says_how_many_can_be_sent_and_made(): void
    {
        foreach (self::FOR_THE_YOUNGEST as $kind => $pieces) {
            $this->lot($kind, ['pieces' => $pieces, 'price_state' => 'free', 'paid' => null]);
        }
        $this->lot('t-shirt', ['pieces' => 3, 'size_label' => '3T', 'price_state' => 'free', 'paid' => null]);
        $this->lot('soap', ['pieces' => 2, 'price_state' => 'free', 'paid' => null]);
        $this->get('/boxes/from-stash')->assertDontSee('is left of this season’s budget');

        // Two boxes; 9.00 ship one.
        $this->packer->crew->update(['season_budget' => new Money(1_700, Currency::of('EUR'))]);
        $this->get('/boxes/from-stash')->assertSee('17.00 is left of this season’s budget: that ships one of them.');
        $this->packer->crew->update(['season_budget' => new Money(2_701, Currency::of('EUR'))]);
        TargetPrice::query()->create([
            'crew_id' => $this->crew->id, 'kind' => 'soap', 'target' => new Money(1, Currency::of('EUR')),
        ]);
        // A third lacks a soap, for a cent.
        $this->get('/boxes/from-stash')->assertSee('that ships 2 of them. It would do for one more');
    }

    public function test_what_lies_in_kits_counts_where_they_are_opened(): void
    {
        foreach (self::FOR_THE_YOUNGEST as $kind => $pieces) {
            $this->lot($kind, ['pieces' => $pieces]);
        }
        $this->lot('t-shirt', ['pieces' => 3, 'size_label' => '3T']);
        $this->get('/boxes/from-stash')->assertSee('Your stash does not make one complete box.')
            ->assertDontSee('With kits opened');
        $this->lot('toiletry-bag', ['pieces' => 2, 'is_kit' => true, 'holds' => ['soap' => 1]]);

        $this->get('/boxes/from-stash')->assertSee('Your stash does not make one complete box.')
            ->assertSee('With kits opened');
        $this->get('/boxes/from-stash?open=1')->assertSee('Your stash makes 2 complete boxes.')
            ->assertSee('what lies in them counts');
    }

    public function test_an_empty_stash_says_so(): void
    {
        $this->get('/boxes/from-stash')->assertOk()
            ->assertSee('Your stash does not make one complete box.')
            ->assertSee('no price known');
    }
}

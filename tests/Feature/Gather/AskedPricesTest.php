<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use Tests\Feature\TestCase;

final class AskedPricesTest extends TestCase
{
    private const THREE = ['cost-soap' => '1.00', 'cost-t-shirt' => '2,20', 'cost-plush-small' => '2.20'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_three_prices_make_estimates_of_all_the_others(): void
    {
        $this->box(['theme' => 'Tide pool']);
        $this->get('/gather/shopping')
            ->assertSee('What do things cost where you shop?')
            ->assertSee('kinds of things to buy. Nobody knows yet what that costs: nothing of it was bought before.')
            ->assertDontSee('about 0.00')
            ->assertDontSee('estimated)');

        // All three say 1.00 for a bar of soap; a washcloth is at 55 of that: 0.44 to 0.66.
        $this->put('/gather/shopping/prices', self::THREE)
            ->assertRedirect('/gather/shopping');
        $this->packer->unsetRelation('crew');
        $this->get('/gather/shopping')
            ->assertSee('about 0.44 to 0.66 each (estimated)')
            ->assertSee('All of that is estimated.')
            ->assertDontSee('Nobody knows yet')
            ->assertSee('value="2.20"', false);
    }

    public function test_what_was_paid_counts_before_any_estimate(): void
    {
        $this->box();
        $estimate = 'about 0.44 to 0.66 each (estimated)';
        $this->put('/gather/shopping/prices', self::THREE)
            ->assertRedirect();
        $this->packer->unsetRelation('crew');
        $before = substr_count((string) $this->get('/gather/shopping')->getContent(), $estimate);
        self::assertGreaterThan(1, $before);
        $this->lot('washcloth', ['pieces' => 1, 'gone' => 1]);
        $this->get('/gather/shopping')->assertSeeText('of them are estimated.')
            ->assertDontSeeText('All of that is estimated.');
        $after = substr_count((string) $this->get('/gather/shopping')->getContent(), $estimate);
        self::assertSame($before - 1, $after);
    }

    public function test_a_price_that_cannot_be_is_told_beside_its_field(): void
    {
        $this->box();
        $this->from('/gather/shopping')->put('/gather/shopping/prices', ['cost-soap' => 'cheap'])
            ->assertRedirect('/gather/shopping')->assertSessionHasErrors('cost-soap');
        self::assertSame([], $this->crew->refresh()->asked_prices);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Models\Lot;
use App\Models\LotChange;
use PluckyWren\Core\Money\PriceState;
use Tests\Feature\TestCase;

/** Bought in a hurry, priced at the kitchen table. */
final class PriceLaterTest extends TestCase
{
    private Lot $lot;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->lot = $this->lot('soap', [
            'name' => 'Soap, hurried', 'pieces' => 8, 'price_state' => PriceState::Unknown, 'paid' => null,
            'place' => 'Mill Lane', 'got_on' => '2026-11-14',
        ]);
    }

    public function test_what_has_no_price_is_listed_and_gets_it_for_all_of_it(): void
    {
        $this->get('/gather/shopping')
            ->assertSee('One thing still has no price')
            ->assertSeeInOrder(['Soap, hurried', '8 × · Mill Lane · 14 Nov 2026']);
        $this->put("/lots/{$this->lot->id}/price", ['paid' => '3,95'])
            ->assertRedirect('/gather/shopping')
            ->assertSessionHas('said', 'The price of “Soap, hurried” is written down.');

        self::assertSame(395, $this->lot->refresh()->paid?->minor);
        self::assertSame(PriceState::Paid, $this->lot->price_state);
        self::assertSame('corrected', LotChange::query()->sole()->what);
        $this->get('/gather/shopping')->assertDontSee('still has no price');
    }

    public function test_a_nought_was_free(): void
    {
        $this->put("/lots/{$this->lot->id}/price", ['paid' => '0'])->assertRedirect('/gather/shopping');

        self::assertSame([PriceState::Free, null], [$this->lot->refresh()->price_state, $this->lot->paid]);
    }

    public function test_what_is_no_price_is_told_beside_its_field(): void
    {
        foreach (['', 'three', '-1', ['1']] as $typed) {
            $this->from('/gather/shopping')
                ->put("/lots/{$this->lot->id}/price", ['paid' => $typed])
                ->assertRedirect('/gather/shopping')
                ->assertSessionHasErrorsIn("priced-{$this->lot->id}", 'paid');
        }
        self::assertSame(PriceState::Unknown, $this->lot->refresh()->price_state);
    }

    public function test_a_price_that_somebody_wrote_down_meanwhile_stays(): void
    {
        $this->put("/lots/{$this->lot->id}/price", ['paid' => '3.95']);
        $this->put("/lots/{$this->lot->id}/price", ['paid' => '4.95'])
            ->assertSessionHas('said', fn (string $said): bool => str_contains($said, 'meanwhile'));

        self::assertSame(395, $this->lot->refresh()->paid?->minor);
    }
}

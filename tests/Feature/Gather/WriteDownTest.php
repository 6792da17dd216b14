<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Models\Lot;
use App\Models\Piece;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\TestCase;

final class WriteDownTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_a_line_becomes_a_lot_with_all_it_says(): void
    {
        $this->lot('comb', ['place' => 'Mill Lane', 'source' => 'clearance']);
        $this->post('/gather/write', ['lines' => '8 blue toothbrush 3.95 Mill Lane -50% yesterday kept in drawer 2'])
            ->assertRedirect('/gather?sort=newest')
            ->assertSessionHas('said', 'One thing for 1.98 is in the stash.');

        $lot = Lot::query()->where('kind', 'toothbrush')->sole();
        self::assertSame(
            [8, 198, 395, 'Mill Lane', 'clearance', 'drawer 2', ['#2f6fb3']],
            [$lot->pieces, $lot->paid?->minor, $lot->list?->minor, $lot->place, $lot->source->value, $lot->kept,
                $lot->colours->hexes()],
        );
        self::assertSame(
            $this->crew->today()->modify('-1 day')->toDateString(),
            $lot->got_on->toDateString(),
        );
    }

    public function test_a_receipt_is_spread_over_its_things_and_kept_whole(): void
    {
        $lines = "3 toothbrush 3.00\n6 flannels 6.00\nrag doll 6.00\ncoupon 3.00 on 1, 2\ndelivery 3.00\ndeposit 0.25";
        $receipt = ['lines' => $lines, 'place' => 'Mill Lane Stores', 'got_on' => '2026-11-17', 'source' => 'shop'];
        $this->post('/gather/write/look', $receipt, ['HX-Request' => 'true'])
            ->assertOk()
            ->assertDontSee('<html', false)
            ->assertSee('3 × Toothbrush')
            ->assertSee('over lines 1, 2')
            ->assertSee('−3.00')
            ->assertSee('15.25');
        $this->post('/gather/write', ['total' => '15.30'] + $receipt)
            ->assertUnprocessable()
            ->assertSee('The receipt says 0.05 more than the lines.');
        self::assertSame(0, Lot::query()->count());

        $this->post('/gather/write', ['total' => '15.25'] + $receipt)->assertRedirect();
        self::assertSame(
            ['rag-doll' => 750, 'toothbrush' => 250, 'washcloth' => 500],
            Lot::query()->get()->sortBy('kind')->mapWithKeys(
                static fn (Lot $lot): array => [$lot->kind => $lot->paid?->minor],
            )->all(),
        );
        self::assertSame(['Mill Lane Stores'], Lot::query()->distinct()->pluck('place')->all());
    }

    public function test_the_next_receipt_remembers_where_and_when(): void
    {
        $this->post('/gather/write', [
            'lines' => 'soap 0.89', 'place' => 'Corner Barn', 'got_on' => '2026-11-17', 'source' => 'thrift',
        ])->assertRedirect();

        $this->get('/gather/write')->assertSee('value="Corner Barn"', false)->assertSee('value="2026-11-17"', false);
    }

    public function test_what_is_not_clear_is_asked_and_nothing_is_kept(): void
    {
        $lines = "soap 0.89\n2 packs of 12 washcloths 9.12";
        $this->post('/gather/write', ['lines' => $lines])
            ->assertUnprocessable()
            ->assertSee('Is 9.12 for each, or for all?')
            ->assertSee('Some lines have a question.');
        self::assertSame(0, Lot::query()->count());

        $this->post('/gather/write', ['lines' => $lines, 'answer' => '1|each'])
            ->assertOk()
            ->assertSee('soap 0.89 2 packs of 12 washcloths 9.12 each</textarea>', false)
            ->assertSee('18.24');
    }

    #[TestWith(['', 'Write a line first.'])]
    #[TestWith(['soap 0.89 on 31 Dec 2099', 'A day from 2000 up to today, please.'])]
    #[TestWith(["soap 1.00\ncoupon 2.00", 'More comes off than the things come to.'])]
    #[TestWith(["soap 1.00\ntax 8% on kites", 'No line here is “kites”.'])]
    #[TestWith(['20000 soap 1.00', '10,000'])]
    public function test_a_line_that_cannot_be_keeps_nothing(string $lines, string $says): void
    {
        $this->post('/gather/write', ['lines' => $lines])->assertUnprocessable()->assertSee($says);
        self::assertSame(0, Lot::query()->count());
    }

    public function test_a_thing_for_a_box_goes_into_it(): void
    {
        $box = $this->box(['theme' => 'Tide pool']);
        $this->post('/gather/write', ['lines' => '3 combs 1.20 for Tide pool'])->assertRedirect();

        self::assertSame([[$box->id, 3]], Piece::query()->get()->map(
            static fn (Piece $piece): array => [$piece->box_id, $piece->quantity],
        )->all());
    }

    public function test_the_crews_own_names_are_known_again(): void
    {
        $this->lot('keyring', ['name' => 'Bobble']);
        $this->post('/gather/write', ['lines' => '2 bobble 1.00'])->assertRedirect();

        self::assertSame(['keyring', 'keyring'], Lot::query()->pluck('kind')->all());
    }

    public function test_whatever_is_sent_is_answered(): void
    {
        foreach ([['lines' => ['x']], ['lines' => "\xff\xfe"], ['lines' => 'soap', 'answer' => ['x']],
            ['lines' => 'soap', 'answer' => '99|each'], ['lines' => str_repeat("soap 1.00\n", 201)],
            ['lines' => 'soap', 'got_on' => 'never']] as $sent) {
            self::assertLessThan(500, $this->post('/gather/write', $sent)->getStatusCode());
        }
    }
}

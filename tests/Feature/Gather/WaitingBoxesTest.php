<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Models\Box;
use App\Models\Piece;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Recipient\Gender;
use Tests\Feature\TestCase;

/** Whatever way a thing comes in, it is offered to the boxes that wait for it. */
final class WaitingBoxesTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    private function waitsFor(Box $box, string $kind, int $quantity): Piece
    {
        return Piece::factory()->createOne([
            'box_id' => $box->id,
            'lot_id' => null,
            'kind' => $kind,
            'quantity' => $quantity,
        ]);
    }

    public function test_a_receipt_is_offered_to_the_boxes_that_wait_and_goes_in_in_one_act(): void
    {
        [$planned, $ready] = [
            $this->box(['theme' => 'Tide pool']), $this->box(['theme' => 'Kite festival', 'stage' => Stage::Ready]),
        ];
        $this->waitsFor($planned, 'soap', 2);
        $this->waitsFor($ready, 'soap', 2);
        $this->waitsFor($planned, 'comb', 1);

        $this->post('/gather/quick', [
            'got_on' => '2026-11-08',
            'source' => 'shop',
            'rows' => [['kind' => 'soap', 'pieces' => '3', 'paid' => '1.50'], ['kind' => 'comb', 'paid' => '2.00']],
        ])->assertRedirect();
        // The box that is furthest along is served first; for the other one bar is left.
        $this->get('/gather')
            ->assertSee('3 things on hand are on your boxes’ lists to buy', false)
            ->assertSeeInOrder(['2', 'Bar of soap', 'for Kite festival', '1', 'for Tide pool', '1', 'for Tide pool']);

        $this->from('/gather')
            ->post('/gather/waiting')
            ->assertRedirect('/gather')
            ->assertSessionHas('said', '4 pieces are in the boxes that waited for them.');
        $held = static fn (Box $box): array => $box->pieces()->with('lot')->get()->map(
            static fn (Piece $piece): array => [$piece->lot->kind ?? "buy {$piece->kind}", $piece->quantity],
        )->sort()->values()->all();
        self::assertSame(
            [[['soap', 2]], [['buy soap', 1], ['comb', 1], ['soap', 1]]],
            [$held($ready), $held($planned)],
        );
        $this->get('/gather')->assertDontSee('lists to buy');
    }

    public function test_clothes_go_only_to_a_box_whose_band_their_size_suits(): void
    {
        $small = $this->box(['band' => '4-7', 'theme' => 'Small']);
        $large = $this->box(['band' => '8-12', 'gender' => Gender::Boy, 'theme' => 'Large']);
        $this->waitsFor($small, 't-shirt', 1);
        $this->waitsFor($large, 't-shirt', 1);
        $this->lot('t-shirt', ['pieces' => 2, 'size_label' => '11-12']);

        $this->get('/gather')->assertSee('for Large')->assertDontSee('for Small');
        // The shopping list still buys one for the smaller child.
        $this->get('/gather/shopping')->assertSee('for Small');
    }

    public function test_what_a_box_waits_for_is_asked_for_with_a_handful_of_queries(): void
    {
        $count = function (): int {
            \Illuminate\Support\Facades\DB::flushQueryLog();
            \Illuminate\Support\Facades\DB::enableQueryLog();
            $this->get('/gather')->assertOk();

            return count(\Illuminate\Support\Facades\DB::getQueryLog());
        };
        $this->waitsFor($this->box(), 'soap', 2);
        $this->lot();
        $few = $count();
        for ($more = 0; $more < 20; $more++) {
            $this->waitsFor($this->box(), 'soap', 2);
            $this->lot();
        }

        self::assertLessThanOrEqual($few, $count());
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Send;

use App\Models\Lot;
use App\Models\Piece;
use App\Models\TopupBag;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Source;
use Tests\Feature\TestCase;
use Tests\Support\ReadPdf;

/** What is left over, in bags for the drive. */
final class TopupTest extends TestCase
{
    private Lot $eraser;

    private Lot $ruler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01 10:00');
        $this->actingAs($this->packer);
        $this->crew->update(['name' => 'Wharf Lane crew']);
        $this->eraser = $this->lot('eraser', [
            'name' => 'Eraser, blue', 'pieces' => 7, 'paid' => new Money(100, Currency::of('EUR')),
        ]);
        $this->ruler = $this->lot('ruler', [
            'name' => 'Ruler, wood', 'pieces' => 2, 'paid' => null, 'price_state' => 'unknown',
            'source' => Source::Given,
            'place' => 'Berit',
        ]);
        Piece::factory()->createOne(['box_id' => $this->box()->id, 'lot_id' => $this->eraser->id, 'quantity' => 3]);
    }

    public function test_a_bag_takes_what_lies_free_knows_its_cost_and_is_handed_in(): void
    {
        // Four of seven erasers are free, and two rulers.
        $this->get('/send/top-up')->assertOk()->assertSeeInOrder(['School', '6 pieces'])
            ->assertSee('None yet this season.');
        $this->get('/send/top-up/new/school')->assertOk()
            ->assertSeeInOrder(['Eraser, blue', 'of 4', 'Ruler, wood', 'of 2']);
        $this->get('/send/top-up/new/moon')->assertNotFound();

        $this->post('/send/top-up', ['category' => 'school', 'band' => '8-12', 'pieces' => [
            $this->eraser->id => '3', $this->ruler->id => '1',
        ]])->assertSessionHas('said', 'The bag is packed: 4 pieces.');

        // Three sevenths of 1.00.
        $this->get('/send/top-up')
            ->assertSeeInOrder(['School', '2 pieces', 'School, 8–12', '3 × Eraser, blue, Ruler, wood',
                '4 pieces, together 0.429', 'one of them without a known price']);
        self::assertSame([3, 1], [$this->eraser->refresh()->gone, $this->ruler->refresh()->gone]);
        $bag = TopupBag::query()->firstOrFail();
        $this->put("/send/top-up/{$bag->id}/handed-in")->assertSessionHas('said', 'The bag is handed in.');
        $this->get('/send/top-up')->assertSee('Handed in on 1 Dec 2026')->assertDontSee('Unpack it');
        $this->get('/send/log')->assertSeeInOrder(['Top-up bags', 'School, 8–12', '3 × Eraser, blue']);
        $this->delete("/send/top-up/{$bag->id}/handed-in");
        $this->get('/send/log')->assertDontSee('3 × Eraser, blue');

        $this->delete("/send/top-up/{$bag->id}")->assertSessionHas('said', 'What was in it is back in the stash.');
        self::assertSame([0, 0], [$this->eraser->refresh()->gone, $this->ruler->refresh()->gone]);
        $this->get('/send/top-up')->assertSeeInOrder(['School', '6 pieces', 'None yet this season.']);
    }

    public function test_more_than_there_is_or_nothing_at_all_makes_no_bag(): void
    {
        foreach ([
            [[$this->eraser->id => '5'], 'pieces'], [[$this->eraser->id => '0'], 'pieces'], [[], 'pieces'],
            [
                [$this->eraser->id => 'all'], "pieces.{$this->eraser->id}",
            ], [[$this->eraser->id => '-2'], "pieces.{$this->eraser->id}"],
        ] as [$pieces, $field]) {
            $this->post('/send/top-up', ['category' => 'school', 'pieces' => $pieces])->assertSessionHasErrors($field);
        }
        $this->post('/send/top-up', ['category' => 'moon', 'pieces' => [$this->eraser->id => '1']])
            ->assertSessionHasErrors('category');
        $this->post('/send/top-up', ['category' => 'school', 'band' => 'old', 'pieces' => [$this->eraser->id => '1']])
            ->assertSessionHasErrors('band');
        self::assertSame([0, 0], [TopupBag::query()->count(), $this->eraser->refresh()->gone]);
    }

    public function test_each_bag_has_a_label(): void
    {
        $this->get('/send/top-up/labels.pdf')->assertNotFound();
        $this->post('/send/top-up', ['category' => 'school', 'band' => '', 'pieces' => [$this->eraser->id => '4']]);

        $pdf = new ReadPdf((string) $this->get('/send/top-up/labels.pdf')->assertOk()->getContent());
        self::assertSame(['TOP-UP: School', 'For any age', '4 pieces, from Wharf Lane crew'], $pdf->words());
    }
}

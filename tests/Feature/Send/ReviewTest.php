<?php

declare(strict_types=1);

namespace Tests\Feature\Send;

use App\Models\CrewSeason;
use App\Models\LogBox;
use App\Models\Piece;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Source;
use Tests\Feature\TestCase;
use Tests\Support\ReadPdf;

/** A season looked back at. */
final class ReviewTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-12 10:00');
        $this->actingAs($this->packer);
    }

    public function test_a_season_without_boxes_says_so(): void
    {
        $this->get('/send/review')->assertOk()
            ->assertSee('Season 2026 in review')
            ->assertSee('No box of this season is handed in yet.')
            ->assertSee('No lid was closed at the bench yet.')
            ->assertSee('Nothing was given this season.');
    }

    public function test_it_tells_for_whom_what_a_box_cost_against_earlier_years_and_whom_to_thank(): void
    {
        // One of six for 6.00 and two of six for 6.00, with 9.00 each: 10.00 and 11.00.
        $soap = $this->lot('soap', ['pieces' => 6, 'paid' => new Money(600, Currency::of('EUR'))]);
        foreach ([[1, 'boy', '8-12', 1], [2, 'girl', '4-7', 2]] as [$number, $gender, $band, $count]) {
            $box = $this->box([
                'number' => $number, 'theme' => "Theme {$number}", 'gender' => $gender, 'band' => $band,
                'stage' => Stage::Packed,
            ]);
            Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $soap->id, 'quantity' => $count]);
            if ($number === 2) {
                $owl = $this->lot('plush-small', [
                    'name' => 'Plush owl', 'pieces' => 1, 'source' => Source::Given, 'place' => 'Ines',
                    'got_on' => '2026-11-01', 'paid' => null, 'price_state' => 'unknown',
                ]);
                Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $owl->id, 'quantity' => 1]);
            }
            $this->put("/boxes/{$box->id}/stage", ['stage' => 'handed-in', 'was' => 'packed'])
                ->assertSessionHasNoErrors();
        }
        // A season before: one box at 30.00.
        $before = $this->box(['number' => 3, 'stage' => Stage::HandedIn, 'season' => 2025]);
        LogBox::query()->create([
            'box_id' => $before->id, 'crew_id' => $this->crew->id, 'number' => 3, 'theme' => 'Old one', 'band' => '4-7',
            'gender' => 'girl', 'season' => 2025, 'handed_in_on' => '2025-12-12', 'by' => 'Ines',
            'cost' => new Money(3000, Currency::of('EUR')), 'searched' => 'old one',
        ]);

        $this->get('/send/review')->assertOk()
            ->assertSeeInOrder(['Boxes handed in', '2', 'What they cost', '21.00', 'A box in the middle', '10.50'])
            ->assertSee('One piece in them has no known price')
            ->assertSeeInOrder(['2026, 2 boxes', '10.00 to 11.00, 10.50 in the middle'])
            ->assertSeeInOrder(['2025, one box', '30.00 to 30.00, 30.00 in the middle'])
            ->assertSeeInOrder(['4–7', 'girl: 1', '8–12', 'boy: 1'])
            // A third and 11/30 of the dearest box of all.
            ->assertSee('cx="333"', false)->assertSee('cx="366"', false)->assertSee('cx="1000"', false)
            ->assertSee('Dear Ines, thank you for what you gave: Plush owl. It went into “Theme 2”');
        $this->get('/send/review?season=2025')->assertSee('Season 2025 in review')
            ->assertSeeInOrder(['Boxes handed in', '1', 'What they cost', '30.00'])
            ->assertDontSee('Dear Ines');
    }

    public function test_it_tells_where_the_money_went_what_was_flagged_left_out_and_found_and_what_is_left(): void
    {
        $eur = Currency::of('EUR');
        $this->lot('comb', [
            'name' => 'Comb, wide', 'got_on' => '2026-08-03', 'pieces' => 4, 'paid' => new Money(200, $eur),
            'list' => new Money(800, $eur), 'source' => Source::Clearance, 'place' => 'Quay Street Bargains',
        ]);
        $this->lot('ball', [
            'name' => 'Red ball', 'got_on' => '2026-08-20', 'pieces' => 1, 'paid' => new Money(600, $eur),
            'source' => Source::Shop,
        ]);
        $stays = $this->lot('yo-yo', ['name' => 'Wooden yo-yo', 'got_on' => '2026-09-01', 'pieces' => 2]);
        CrewSeason::query()->create(
            ['crew_id' => $this->crew->id, 'year' => 2026, 'goals' => ['4-7' => 3, '8-12' => 2], 'by' => 'Ines'],
        );
        $box = $this->box(['number' => 1, 'band' => '4-7', 'gender' => 'girl', 'stage' => Stage::Ready]);
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot('torch')->id, 'quantity' => 1]);
        $piece = Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $stays->id, 'quantity' => 2]);
        $this->post("/pieces/{$piece->id}/leave", ['because' => ''])->assertSessionHasNoErrors();
        $box->refresh()->update(['stage' => Stage::Packed]);
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'handed-in', 'was' => 'packed'])->assertSessionHasNoErrors();

        $page = $this->get('/send/review')->assertOk()
            ->assertSeeInOrder(['August 2026', 'Shop 6.00, Clearance 2.00', '8.00'])
            ->assertSeeInOrder(['Most expensive by the piece', 'Red ball, 6.00 a piece'])
            ->assertSeeInOrder(['Most saved against the list price', 'Comb, wide, 2.00 instead of 8.00'])
            ->assertSeeInOrder(['4–7', '1 of 3', 'girl: 1', '8–12', '0 of 2'])
            ->assertSeeInOrder(['Left out most', '2 × Wooden yo-yo'])
            ->assertSeeInOrder(['Left for next year and for top-up bags', 'Play 2'])
            ->assertSee('No top-up bag was handed in.');
        // What the rules said of the box when it went stands in its record.
        self::assertMatchesRegularExpression(
            '~What was flagged most</h2> <ul>.*?in one box~',
            (string) $page->getContent(),
        );

        $pdf = new ReadPdf((string) $this->get('/send/review.pdf?season=2026')->assertOk()
            ->assertHeader('Content-Type', 'application/pdf')->getContent());
        self::assertSame(['595.276 841.890'], array_unique($pdf->mediaBoxes()));
        foreach (
            [
                'Season 2026 in review', 'Boxes handed in: 1', '4–7: 1 of 3 girl: 1', 'Aug 2026', '8.00',
                '2 × Wooden yo-yo',
            ] as $words
        ) {
            self::assertContains($words, $pdf->words());
        }
    }
}

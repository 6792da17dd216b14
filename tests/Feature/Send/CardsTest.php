<?php

declare(strict_types=1);

namespace Tests\Feature\Send;

use App\Models\Box;
use App\Models\Piece;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Stash\ItemTrait;
use Tests\Feature\TestCase;
use Tests\Support\ReadPdf;

/** Labels, slips, marks and tags as they come out of the printer. */
final class CardsTest extends TestCase
{
    private Box $box;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->crew->update(['name' => 'Wharf Lane crew']);
        $this->box = $this->box([
            'number' => 14, 'theme' => 'Tide pool', 'band' => '4-7', 'gender' => 'boy', 'stage' => Stage::Packed,
        ]);
    }

    #[DataProvider('papers')]
    public function test_sheets_have_their_exact_size_and_pages_as_needed(string $paper, string $mediaBox): void
    {
        $ids = [$this->box->id, ...array_map(
            fn (int $number): string => $this->box(['number' => $number])->id,
            range(15, 22),
        )];

        $pdf = $this->pdf('label', $paper, $ids);

        // Nine labels, eight to a page; 72 points to the inch.
        self::assertSame([$mediaBox, $mediaBox], $pdf->mediaBoxes());
        self::assertContains('0014-M', $pdf->words());
        self::assertContains('0022-L', $pdf->words());
        // 15 and 28.5 mm from the left and the top of A4, 90 by 60 mm.
        $paper !== 'a4' || self::assertContains([15.0, 28.5, 90.0, 60.0], $pdf->frames());
    }

    public function test_the_page_ticks_what_is_packed_and_shows_the_first_card(): void
    {
        $planned = $this->box(['number' => 15, 'theme' => 'Kite hill']);

        $page = $this->get('/send/labels')->assertOk()->assertSeeInOrder(['0014-M', '0015-P', 'BOY 4–7'])
            ->assertSee('90 × 60 mm, 8 to a page')
            ->assertSee('Is the label of 0014-M on its box?');
        self::assertMatchesRegularExpression("/value=\"{$this->box->id}\" checked/", (string) $page->getContent());
        self::assertMatchesRegularExpression("/value=\"{$planned->id}\"\s*>/", (string) $page->getContent());
    }

    /** @return iterable<array{string, string}> */
    public static function papers(): iterable
    {
        yield ['a4', '595.276 841.890'];
        yield ['letter', '612.000 792.000'];
    }

    public function test_a_label_says_what_the_drive_asks_for_and_what_is_paid(): void
    {
        self::assertSame(
            ['BOY 4–7', 'Pellwick Quay Gift Drive', 'Sending gift paid: ________', '0014-M'],
            $this->pdf('label')->words(),
        );
        $this->post('/send/gifts', [
            'gifts' => [$this->box->id], 'state' => 'paid', 'settled_on' => today()->toDateString(),
            'reference' => 'QH 77',
        ])->assertSessionHasNoErrors();

        self::assertSame(
            ['BOY 4–7', 'Pellwick Quay Gift Drive', 'Sending gift paid: QH 77', '0014-M'],
            $this->pdf('label')->words(),
        );
        $this->get('/send/labels')->assertOk()->assertSee('Sending gift paid: QH 77');
        $this->box->update(['guide' => 'harrow-ferry', 'band' => '5-8', 'gender' => 'girl']);
        self::assertContains('Box number: 0014-M', $this->pdf('label')->words());
        self::assertContains('GIRL 5–8', $this->pdf('label')->words());
    }

    public function test_a_slip_names_theme_crew_and_code_and_no_person(): void
    {
        self::assertSame(
            ['Tide pool', 'boy, 4–7', 'Packed by Wharf Lane crew', '0014-M'],
            $this->pdf('slip')->words(),
        );
    }

    public function test_marks_and_tags_are_printed_for_what_needs_them_and_for_nothing_else(): void
    {
        foreach (['envelope', 'not-food'] as $card) {
            $this->get("/send/labels.pdf?card={$card}&paper=a4&boxes[]={$this->box->id}")
                ->assertRedirectContains('/send/labels?')
                ->assertSessionHasErrors(['card' => 'None of these boxes needs one of those.']);
        }
        $letter = $this->lot('letter');
        $soap = $this->lot('soap', ['traits' => [ItemTrait::FoodLike], 'name' => 'Pear soap']);
        foreach ([[$letter, 1], [$soap, 2]] as [$lot, $count]) {
            Piece::factory()->createOne(['box_id' => $this->box->id, 'lot_id' => $lot->id, 'quantity' => $count]);
        }

        self::assertSame(['Note and photo only', 'No money inside'], $this->pdf('envelope')->words());
        self::assertSame(['Not food', 'Pear soap', 'Not food', 'Pear soap'], $this->pdf('not-food')->words());
    }

    public function test_picture_cards_are_drawn_for_what_needs_explaining_and_say_no_word(): void
    {
        foreach (['skipping-rope', 'torch', 'soap'] as $kind) {
            Piece::factory()->createOne([
                'box_id' => $this->box->id, 'lot_id' => $this->lot($kind)->id, 'quantity' => 1,
            ]);
        }

        $pdf = $this->pdf('picture');
        self::assertSame([], $pdf->words());
        // Two cards of 90 by 60 mm, side by side, and something drawn within each.
        self::assertContains([15.0, 28.5, 90.0, 60.0], $pdf->frames());
        self::assertContains([105.0, 28.5, 90.0, 60.0], $pdf->frames());
        self::assertGreaterThan(20, $pdf->strokes());
        $this->get("/send/labels?card=picture&boxes[]={$this->box->id}")->assertOk()
            ->assertSee('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 168 108">', false);
    }

    public function test_names_of_other_scripts_are_printed_and_those_from_the_right_so(): void
    {
        $this->box->update(['theme' => 'Приливный пруд']);
        self::assertContains('Приливный пруд', $this->pdf('slip')->words());

        $this->box->update(['theme' => 'שלום']);
        // On paper from the left: mem, vav, lamed, shin.
        self::assertContains('םולש', $this->pdf('slip')->words());
        $this->get("/send/labels?card=slip&boxes[]={$this->box->id}")->assertOk()->assertDontSee('Our print does not');

        $this->box->update(['theme' => 'Tide 海']);
        $this->get("/send/labels?card=slip&boxes[]={$this->box->id}")
            ->assertOk()
            ->assertSee('Our print does not have these letters: 海.');
    }

    public function test_codes_are_read_back_by_a_decoder_from_what_is_printed(): void
    {
        $pdf = $this->pdf('label');

        self::assertSame(['CODE_128 0014-M', 'QR_CODE 0014-M'], $pdf->codes());
    }

    public function test_what_cannot_be_printed_is_said_beside_the_field(): void
    {
        foreach ([
            'card=label&paper=a4' => 'boxes',
            'card=label&paper=a4&boxes=5' => 'boxes',
            'card=poster&paper=a4&boxes[]=1' => 'card',
            'card=label&paper=a9&boxes[]=1' => 'paper',
        ] as $query => $field) {
            $this->from('/send/labels')->get("/send/labels.pdf?{$query}")
                ->assertRedirect('/send/labels')
                ->assertSessionHasErrors($field);
        }
        $this->get('/send/labels?card=poster&paper=a9&boxes=7')->assertOk();
        $this->get('/send/labels?card[]=label')->assertStatus(422);
    }

    public function test_labels_that_are_stuck_on_are_ticked_for_all_at_once(): void
    {
        $other = $this->box(['number' => 15, 'ticks' => ['label', 'gift']]);

        $this->put('/send/labels', ['boxes' => [$this->box->id, $other->id, 'no-such-box']])
            ->assertRedirect('/send')
            ->assertSessionHas('said', 'One label is on its box.');

        self::assertSame([['label'], ['label', 'gift']], [$this->box->refresh()->ticks, $other->refresh()->ticks]);
        $this->put('/send/labels', ['boxes' => 'all'])->assertSessionHas('said', 'No box was ticked.');
    }

    /** @param list<string>|null $ids */
    private function pdf(string $card, string $paper = 'a4', ?array $ids = null): ReadPdf
    {
        $answer = $this->get('/send/labels.pdf?'.http_build_query([
            'card' => $card, 'paper' => $paper, 'boxes' => $ids ?? [$this->box->id],
        ]))->assertOk()->assertHeader('Content-Type', 'application/pdf');

        return new ReadPdf((string) $answer->getContent());
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Send;

use App\Models\Box;
use App\Models\BoxNote;
use App\Models\NotePhoto;
use App\Models\Piece;
use Illuminate\Http\UploadedFile;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Colour\Palette;
use Tests\Feature\TestCase;
use Tests\Support\ReadPdf;

/** The note to the child. */
final class NoteTest extends TestCase
{
    private Box $box;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->box = $this->box(['number' => 14, 'theme' => 'Tide pool', 'stage' => Stage::Packed]);
    }

    public function test_a_note_is_made_of_our_sentences_and_the_packer_s_own_words_and_printed(): void
    {
        $this->keep("Look under the kite!\r\n", ['add' => ['bye', 'hello', 'no-such']])
            ->assertRedirect("/boxes/{$this->box->id}/note");

        self::assertSame(
            "Look under the kite!\nHello! This box is for you.\nWarm greetings from far away!",
            BoxNote::query()->firstOrFail()->words,
        );
        $this->get("/boxes/{$this->box->id}/note")->assertOk()
            ->assertSee('Nothing in it tells a stranger who you are');
        $pdf = $this->get("/send/labels.pdf?card=note&paper=letter&boxes[]={$this->box->id}")->assertOk();
        self::assertSame(
            'Look under the kite! Hello! This box is for you. Warm greetings from far away!',
            implode(' ', (new ReadPdf((string) $pdf->getContent()))->words()),
        );
        // Edged in the theme's two colours, above and below: halves of 90 mm.
        $this->box->update(['palette' => Palette::ofHexes(['#2f8f9d', '#f1e6cf'])]);
        $pdf = $this->get("/send/labels.pdf?card=note&paper=letter&boxes[]={$this->box->id}")->assertOk();
        $halves = array_map(
            static fn (array $one): array => [$one[2], $one[3]],
            (new ReadPdf((string) $pdf->getContent()))->fills(),
        );
        self::assertSame(array_fill(0, 4, [45.0, 2.5]), $halves);
        $this->get("/send/labels?card=note&boxes[]={$this->box->id}")->assertOk()
            ->assertSee('90 × 120 mm, 4 to a page')
            ->assertDontSee('Our print does not have');
    }

    public function test_what_is_better_left_out_is_said_with_why_and_kept_all_the_same(): void
    {
        $this->keep("We live at 12 Wharf Lane.\nMarla Fenn")->assertSessionHasNoErrors();

        $this->get("/boxes/{$this->box->id}/note")->assertOk()
            ->assertSee('“Marla Fenn” looks like a full name. A first name is enough')
            ->assertSee('“12 Wharf Lane” looks like an address.')
            ->assertDontSee('Nothing in it tells');
        self::assertSame("We live at 12 Wharf Lane.\nMarla Fenn", BoxNote::query()->firstOrFail()->words);
    }

    public function test_sentences_are_those_for_the_child_s_age_and_sayings_are_for_all(): void
    {
        foreach ([
            '2-3' => ['Here is something soft to hug.', 'We wish you a good time at school.'],
            '4-7' => ['We wish you a good time at school.', 'Whatever you want to learn, you can.'],
            '8-12' => ['Whatever you want to learn, you can.', 'Here is something soft to hug.'],
        ] as $band => [$for, $notFor]) {
            $this->box->update(['band' => $band]);
            $this->get("/boxes/{$this->box->id}/note")->assertOk()->assertSee($for)->assertDontSee($notFor)
                ->assertSee('The smallest bird sings the loudest.');
        }
    }

    public function test_what_was_in_it_is_put_in_by_what_is_looked_at_first(): void
    {
        foreach (['soap' => 'Pine soap', 'ball' => 'Red ball', 'yo-yo' => 'Wooden yo-yo'] as $kind => $name) {
            Piece::factory()->createOne([
                'box_id' => $this->box->id, 'lot_id' => $this->lot($kind, ['name' => $name])->id, 'quantity' => 1,
            ]);
        }
        $this->keep('For you: [things].')->assertSessionHasNoErrors();

        self::assertSame('For you: Red ball, Wooden yo-yo.', BoxNote::query()->firstOrFail()->words);
    }

    public function test_a_photo_is_cut_made_small_stripped_and_printed_on_the_note(): void
    {
        // Left half red, right half blue: the square at the left end is red alone.
        $image = imagecreatetruecolor(1600, 800);
        self::assertNotFalse($image);
        imagefilledrectangle($image, 0, 0, 799, 799, (int) imagecolorallocate($image, 220, 20, 20));
        imagefilledrectangle($image, 800, 0, 1599, 799, (int) imagecolorallocate($image, 20, 20, 220));
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        $exif = "\xFF\xE1".pack('n', 8 + 22)."Exif\0\0the camera was at home";
        $file = UploadedFile::fake()->createWithContent('me.jpg', substr($jpeg, 0, 2).$exif.substr($jpeg, 2));

        $this->post("/boxes/{$this->box->id}/note/photo", ['photo' => $file, 'side' => 1000, 'x' => 0, 'y' => 500])
            ->assertSessionHas('said', 'The photo is on the note.');

        $kept = NotePhoto::query()->firstOrFail()->picture();
        self::assertStringNotContainsString('at home', $kept);
        $small = imagecreatefromstring($kept);
        self::assertNotFalse($small);
        self::assertSame([600, 600], [imagesx($small), imagesy($small)]);
        $right = imagecolorsforindex($small, (int) imagecolorat($small, 590, 300));
        self::assertGreaterThan(180, $right['red']);
        self::assertLessThan(80, $right['blue']);
        $this->get("/boxes/{$this->box->id}/note")->assertSee('The photo on this note');
        $pdf = $this->get("/send/labels.pdf?card=note&paper=a4&boxes[]={$this->box->id}")->assertOk();
        self::assertSame([[600.0, 600.0]], (new ReadPdf((string) $pdf->getContent()))->photos());
        $this->get("/send/labels?card=note&boxes[]={$this->box->id}")->assertSee("/boxes/{$this->box->id}/note/photo");

        $this->delete("/boxes/{$this->box->id}/note/photo")->assertSessionHas('said', 'The photo is off the note.');
        $this->get("/boxes/{$this->box->id}/note/photo")->assertNotFound();
    }

    public function test_what_is_no_photo_or_no_square_is_refused_and_a_box_that_is_gone_stays_as_it_is(): void
    {
        $photo = UploadedFile::fake()->image('me.jpg', 40, 40);
        foreach ([
            ['photo' => UploadedFile::fake()->createWithContent('me.jpg', 'no photo')], ['photo' => 'me.jpg'], [],
        ] as $typed) {
            $this->post("/boxes/{$this->box->id}/note/photo", $typed)->assertSessionHasErrors('photo');
        }
        $this->post("/boxes/{$this->box->id}/note/photo", ['photo' => $photo, 'side' => '0'])
            ->assertSessionHasErrors('side');
        $this->put("/boxes/{$this->box->id}/stage", ['stage' => 'handed-in', 'was' => 'packed']);
        $this->post("/boxes/{$this->box->id}/note/photo", ['photo' => UploadedFile::fake()->image('me.jpg', 40, 40)])
            ->assertSessionHasErrors('photo');
        self::assertSame(0, NotePhoto::query()->count());
    }

    public function test_a_note_for_all_boxes_puts_in_what_is_each_box_s_own(): void
    {
        $this->keep('A box about [theme], for ages [age].', ['for_all' => '1'])->assertSessionHasNoErrors();
        self::assertSame('A box about Tide pool, for ages 4–7.', BoxNote::query()->firstOrFail()->words);
        $other = $this->box(['theme' => 'Kite hill', 'band' => '8-12']);

        $this->get("/boxes/{$other->id}/note")->assertSee('A box about Kite hill, for ages 8–12.');
        self::assertSame(1, BoxNote::query()->count());
    }

    public function test_two_who_write_at_once_are_told_of_each_other_and_no_words_are_lost(): void
    {
        $this->keep('Hers')->assertSessionHasNoErrors();
        $this->keep('Mine', ['was' => ''])->assertSessionHasErrors('words');
        $this->get("/boxes/{$this->box->id}/note")->assertSee('Mine')
            ->assertSee('Theirs now: “Hers”')->assertSee('name="was" value="Hers"', false);
        self::assertSame('Hers', BoxNote::query()->firstOrFail()->words);

        $this->keep('Mine', ['was' => 'Hers'])->assertSessionHasNoErrors();
        self::assertSame('Mine', BoxNote::query()->firstOrFail()->words);
        $this->keep('', ['was' => 'Mine'])->assertSessionHas('said', 'The note is taken away.');
        self::assertSame(0, BoxNote::query()->count());
    }

    public function test_a_note_that_is_too_long_or_of_a_handed_in_box_is_not_kept(): void
    {
        $this->keep(str_repeat('ä', 705))->assertSessionHasErrors([
            'words' => 'That is 5 letters more than the 700 that fit on its card.',
        ]);
        $this->keep('x', ['add' => 'hello'])->assertSessionHasErrors('add');
        $this->put("/boxes/{$this->box->id}/stage", ['stage' => 'handed-in', 'was' => 'packed'])
            ->assertSessionHasNoErrors();
        $this->keep('Late')->assertSessionHasErrors('words');

        self::assertSame(0, BoxNote::query()->count());
        $this->get("/boxes/{$this->box->id}/note")->assertOk()->assertSee('its note stays as it is');
    }

    /**
     * @param  array<string, mixed>  $with
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function keep(string $words, array $with = []): \Illuminate\Testing\TestResponse
    {
        return $this->from("/boxes/{$this->box->id}/note")
            ->put("/boxes/{$this->box->id}/note", ['words' => $words, 'was' => '', ...$with]);
    }
}

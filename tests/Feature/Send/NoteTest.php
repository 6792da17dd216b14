<?php

declare(strict_types=1);

namespace Tests\Feature\Send;

use App\Models\Box;
use App\Models\BoxNote;
use PluckyWren\Core\Box\Stage;
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

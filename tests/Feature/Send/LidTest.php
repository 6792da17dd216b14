<?php

declare(strict_types=1);

namespace Tests\Feature\Send;

use App\Models\Box;
use Illuminate\Http\UploadedFile;
use PluckyWren\Core\Colour\Palette;
use Tests\Feature\TestCase;
use Tests\Support\ReadPdf;

/** The picture for a lid's inside, and the sheets that box and lid are wrapped with. */
final class LidTest extends TestCase
{
    private Box $box;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->box = $this->box(
            ['number' => 14, 'theme' => 'Tide pool', 'palette' => Palette::ofHexes(['#2f8f9d', '#f1e6cf'])],
        );
    }

    public function test_the_page_shows_the_pattern_in_the_theme_s_colours_and_the_cutting_plan(): void
    {
        $this->get("/boxes/{$this->box->id}/lid")->assertOk()
            ->assertSee('318 × 196 mm, the opening of this box')->assertSee('over 2 sheets that share a strip of 8 mm')
            ->assertSee('fill="#f1e6cf"', false)->assertSee('fill="#2f8f9d"', false)
            // 326 and 204 mm outside, 112 mm of wall and 20 to turn in, twice.
            ->assertSee('Cut a sheet of 590 × 468 mm.')->assertSee('folds at 20, 132, 458, 570 mm from the left')
            ->assertSee('Cut a sheet of 436 × 314 mm.');
        $this->post(
            "/boxes/{$this->box->id}/lid",
            ['pattern' => 'kites', 'paper' => 'letter', 'saying' => ' You <are> dear '],
        )
            ->assertRedirect("/boxes/{$this->box->id}/lid?pattern=kites&paper=letter&saying=You%20%3Care%3E%20dear");
        $this->get("/boxes/{$this->box->id}/lid?pattern=kites&saying=You+%3Care%3E+dear")
            ->assertSee('You &lt;are&gt; dear', false);
        $this->get("/boxes/{$this->box->id}/lid?pattern=skulls&paper=wall")->assertOk();
    }

    public function test_it_is_printed_at_its_true_size_with_marks_and_the_saying_on_each_part(): void
    {
        $pdf = $this->pdf(['saying' => 'Hello']);

        self::assertSame(['595.276 841.890', '595.276 841.890'], $pdf->mediaBoxes());
        self::assertSame(['Hello', '0014-M, part 1 of 2', 'Hello', '0014-M, part 2 of 2'], $pdf->words());
        // The first of two halves, 163 by 196 mm, in the corner where the margins end.
        self::assertContains([10.0, 10.0, 163.0, 196.0], $pdf->clips());
        self::assertSame([], $pdf->photos());
    }

    public function test_a_liner_is_as_large_as_the_bottom_of_the_box(): void
    {
        $this->box->update(['box_kind' => 'tapered-tub']);

        $this->get("/boxes/{$this->box->id}/lid?where=floor")->assertOk()
            ->assertSee('Liner for “Tide pool”')->assertSee('282 × 160 mm, the bottom of this box');
        // Two halves of 282 with a strip of 8 in common.
        self::assertContains([10.0, 10.0, 145.0, 160.0], $this->pdf(['where' => 'floor'])->clips());
        $this->post("/boxes/{$this->box->id}/lid", ['pattern' => 'stars', 'paper' => 'a4', 'where' => 'roof'])
            ->assertSessionHasErrors('where');
    }

    public function test_a_picture_of_one_s_own_takes_the_pattern_s_place_and_is_not_kept(): void
    {
        $pdf = $this->pdf(['picture' => UploadedFile::fake()->image('shore.jpg', 640, 480)]);
        self::assertSame([[640.0, 480.0]], array_values(array_unique($pdf->photos(), SORT_REGULAR)));
        $this->get("/boxes/{$this->box->id}/photo")->assertNotFound();

        $this->post("/boxes/{$this->box->id}/lid.pdf", [
            'pattern' => 'stars', 'paper' => 'a4', 'picture' => UploadedFile::fake()->createWithContent(
                'x.jpg',
                'no picture',
            ),
        ])->assertSessionHasErrors('picture');
    }

    public function test_what_cannot_be_printed_is_said_beside_the_field(): void
    {
        $this->post(
            "/boxes/{$this->box->id}/lid.pdf",
            ['pattern' => 'skulls', 'paper' => 'wall', 'saying' => str_repeat('x', 91)],
        )
            ->assertSessionHasErrors(['pattern', 'paper', 'saying' => 'At most 90 letters, please.']);
    }

    /** @param array<string, mixed> $with */
    private function pdf(array $with): ReadPdf
    {
        $answer = $this->post("/boxes/{$this->box->id}/lid.pdf", ['pattern' => 'stars', 'paper' => 'a4', ...$with])
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf');

        return new ReadPdf((string) $answer->getContent());
    }
}

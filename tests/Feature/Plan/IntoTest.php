<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\Piece;
use Tests\Feature\TestCase;

/** Things in things within a box, and what they are said to count as. */
final class IntoTest extends TestCase
{
    private Box $box;

    protected function setUp(): void
    {
        parent::setUp();
        config(['wren.fit.page.attempts' => 2]);
        $this->actingAs($this->packer);
        $this->box = $this->box();
    }

    public function test_a_piece_is_put_into_another_and_out_of_it_again(): void
    {
        [$case, $pencils] = [$this->piece('pencil-case'), $this->piece('pencils', 6)];
        $this->put("/pieces/{$pencils->id}/into", ['into' => $case->id])->assertRedirect();
        self::assertSame($case->id, $pencils->refresh()->into_id);

        // Shown below what holds it, counted as before, and packed in there.
        $page = (string) $this->get("/boxes/{$this->box->id}")->assertSee('lane-row rider', false)->getContent();
        self::assertLessThan(strpos($page, "piece-{$pencils->id}"), strpos($page, "piece-{$case->id}"));
        $this->get("/boxes/{$this->box->id}/check-sheet")->assertSee('↳ Pencil');
        $this->get('/find?q=pencil')->assertSee('Pencil case');

        $this->put("/pieces/{$pencils->id}/into", ['into' => ''])->assertRedirect();
        self::assertNull($pencils->refresh()->into_id);
        $this->get("/boxes/{$this->box->id}")->assertDontSee('lane-row rider', false);
    }

    public function test_what_may_be_said_of_a_piece_comes_when_it_is_opened_or_stands_on_a_page_of_its_own(): void
    {
        [$case, $pencils] = [$this->piece('pencil-case'), $this->piece('pencils', 6)];
        // The sheet only knows where it is.
        $this->get("/boxes/{$this->box->id}?pick=1")
            ->assertSee("/pieces/{$pencils->id}/more?pick=1", false)
            ->assertDontSee('Counts as');

        // It asks for the same picker again.
        $this->get("/pieces/{$pencils->id}/more?pick=1", ['HX-Request' => 'true'])
            ->assertOk()
            ->assertDontSee('<html', false)
            ->assertDontSee('OK</button>', false)
            ->assertSee("/pieces/{$pencils->id}/into", false)
            ->assertSee("<option value=\"{$case->id}\" >", false)
            ->assertSee('<option value="lead-gift" >', false)
            ->assertSee('name="pick" value="1"', false);
        $this->put("/pieces/{$pencils->id}/into", ['into' => $case->id]);
        $this->get("/pieces/{$pencils->id}/more")
            ->assertOk()
            ->assertSee('<html', false)
            ->assertSee('OK</button>', false)
            ->assertSee("<option value=\"{$case->id}\" selected>", false);
    }

    public function test_what_does_not_go_in_is_refused_with_what_would_do(): void
    {
        [$cup, $blanket, $tub] = [$this->piece('cup'), $this->piece('blanket-small'), $this->piece('tub-large')];
        $this->put("/pieces/{$blanket->id}/into", ['into' => $cup->id], ['HX-Request' => 'true'])
            ->assertUnprocessable()
            ->assertSee('does not go into');
        self::assertNull($blanket->refresh()->into_id);
        $socks = $this->piece('socks', 20);
        $this->put("/pieces/{$socks->id}/into", ['into' => $cup->id], ['HX-Request' => 'true'])
            ->assertUnprocessable();
        $this->put("/pieces/{$cup->id}/into", ['into' => $cup->id], ['HX-Request' => 'true'])->assertUnprocessable();
        $this->put("/pieces/{$tub->id}/into", ['into' => 'nothing'], ['HX-Request' => 'true'])->assertUnprocessable();
    }

    public function test_what_rides_in_it_stays_in_the_box_when_a_holder_is_taken_out(): void
    {
        [$case, $pencils] = [$this->piece('pencil-case'), $this->piece('pencils', 6)];
        $this->put("/pieces/{$pencils->id}/into", ['into' => $case->id]);
        $this->delete("/pieces/{$case->id}");

        self::assertNull($pencils->refresh()->into_id);
        // Undone, both are as they were.
        $change = BoxChange::query()->get()->sortByDesc('id')->firstOrFail();
        $this->post("/box-changes/{$change->id}/undo");
        self::assertSame($case->id, $pencils->refresh()->into_id);
    }

    public function test_a_piece_is_said_to_be_the_lead_gift(): void
    {
        $plush = $this->piece('plush-large');
        $this->put("/pieces/{$plush->id}/counts-as", ['counts_as' => 'lead-gift'])->assertRedirect();
        $this->get("/boxes/{$this->box->id}")->assertSee('counts as lead gift');
        self::assertSame('lead-gift', $plush->refresh()->counts_as);
        $this->put("/pieces/{$plush->id}/counts-as", ['counts_as' => 'no-such-need'])->assertNotFound();
        // The picker beside it goes on looking for what it looked for.
        $beside = ['pick' => '1', 'from' => 'stash', 'need' => 'soap'];
        $this->put("/pieces/{$plush->id}/counts-as", ['counts_as' => 'lead-gift', ...$beside])
            ->assertRedirect(route('boxes.show', [$this->box, ...$beside]));
        $this->put("/pieces/{$plush->id}/counts-as", ['counts_as' => '']);
        self::assertNull($plush->refresh()->counts_as);
    }

    public function test_the_box_file_keeps_both(): void
    {
        [$case, $pencils] = [$this->piece('pencil-case'), $this->piece('pencils', 6)];
        $this->put("/pieces/{$pencils->id}/into", ['into' => $case->id]);
        $this->put("/pieces/{$case->id}/counts-as", ['counts_as' => 'bag']);
        $file = json_decode((string) $this->get("/boxes/{$this->box->id}/box.json")->getContent(), true);
        self::assertIsArray($file);
        $pieces = array_column($file['pieces'], null, 'id');

        self::assertSame([$case->id, 'bag'], [$pieces[$pencils->id]['into'], $pieces[$case->id]['countsAs']]);
    }

    public function test_a_closed_box_is_not_rearranged(): void
    {
        [$case, $pencils] = [$this->piece('pencil-case'), $this->piece('pencils', 6)];
        $this->box->update(['stage' => 'packed']);
        $this->put("/pieces/{$pencils->id}/into", ['into' => $case->id], ['HX-Request' => 'true'])
            ->assertUnprocessable();
        self::assertNull($pencils->refresh()->into_id);
    }

    private function piece(string $kind, int $quantity = 1): Piece
    {
        return Piece::factory()->createOne([
            'box_id' => $this->box->id,
            'lot_id' => $this->lot($kind, ['pieces' => 50])->id,
            'quantity' => $quantity,
        ]);
    }
}

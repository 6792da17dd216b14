<?php

declare(strict_types=1);

namespace Tests\Feature\Send;

use App\Models\Box;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\Piece;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Stash\Source;
use Tests\Feature\TestCase;

/** What became of all boxes, found by what was in them. */
final class LogTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-12 10:00');
        $this->actingAs($this->packer);
    }

    public function test_it_tells_where_a_given_thing_went_whatever_becomes_of_it_later(): void
    {
        $owl = $this->lot('plush-small', ['name' => 'Äpple the owl', 'source' => Source::Given, 'place' => 'Ines']);
        $this->handedIn(14, 'Tide pool', [[$owl, 1], [$this->lot('soap', ['name' => 'Pine soap']), 2]]);
        $this->handedIn(15, 'Kite hill', [[$this->lot('comb', ['name' => 'Blue comb']), 1]]);
        $owl->update(['name' => 'Renamed']);

        $this->get('/send/log')->assertOk()
            ->assertSeeInOrder(['2 boxes.', '0015-P', 'Kite hill', '0014-M', 'Tide pool'])
            ->assertSee("girl, 4–7, handed in on 12 Dec 2026 by {$this->packer->name}");
        foreach (['ines owl', 'ÄPPLE', 'INES', '0014-m', 'tide', $this->packer->name.' owl'] as $words) {
            $this->get('/send/log?q='.rawurlencode($words))->assertOk()
                ->assertSee('One box.')->assertSee('Tide pool')->assertDontSee('Kite hill');
        }
        $this->get('/send/log?q=ines')->assertSee('In it: Äpple the owl, from Ines')->assertDontSee('2 × Pine soap');
        $this->get('/send/log?q=soap')->assertSee('In it: 2 × Pine soap');
        foreach (['renamed', '100%', '%', '_', '"', 'owl comb'] as $words) {
            $this->get('/send/log?q='.rawurlencode($words))->assertOk()->assertSee('No box matches.');
        }
    }

    public function test_it_tells_what_went_into_the_boxes_for_older_boys(): void
    {
        $ball = $this->lot('ball', ['name' => 'Red ball', 'pieces' => 9]);
        $soap = $this->lot('soap', ['name' => 'Pine soap', 'pieces' => 9]);
        $this->handedIn(1, 'Night harbour', [[$ball, 1], [$soap, 2]], ['band' => '8-12', 'gender' => 'boy']);
        $this->handedIn(2, 'Kite hill', [[$ball, 1]], ['band' => '8-12', 'gender' => 'boy']);
        $this->handedIn(3, 'Mountain hut', [[$soap, 1]], ['band' => '2-3', 'gender' => 'girl']);

        // The next page says that the last one was handed in; from then on nothing is said.
        $this->get('/send/log')->assertSee('3 boxes.');
        $this->get('/send/log?band=8-12&gender=boy')->assertOk()
            ->assertSeeInOrder(['2 boxes.', 'Kite hill', 'Night harbour', 'What went into these most'])
            ->assertSeeInOrder(['Ball, inflated', 'in 2 boxes', 'Bar of soap', 'in one box'])
            ->assertDontSee('Mountain hut');
        $this->get('/send/log?season=2026&band=2-3')->assertSee('Mountain hut')->assertDontSee('Kite hill');
        // What is not there to choose from asks for nothing.
        $this->get('/send/log?season=1999&band=x&gender=y')->assertOk()->assertSee('3 boxes.');
        $this->get('/send/log?q[]=a')->assertStatus(422);
    }

    public function test_a_box_taken_back_leaves_the_log_and_comes_again_as_it_is_then(): void
    {
        $box = $this->handedIn(14, 'Tide pool', [[$this->lot('soap', ['name' => 'Pine soap']), 1]]);
        $this->post("/boxes/{$box->id}/take-back")->assertSessionHasNoErrors();
        $this->get('/send/log')->assertSee('Nothing is in the log yet.');
        self::assertSame(0, DB::table('log_pieces')->count());

        $box->refresh()->update(['theme' => 'Rock pool']);
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'handed-in', 'was' => 'packed'])->assertSessionHasNoErrors();
        $this->get('/send/log?q=soap')->assertSee('Rock pool')->assertSee('In it: Pine soap');
    }

    public function test_many_boxes_come_page_by_page_and_another_crew_s_never(): void
    {
        $others = Crew::factory()->createOne();
        $theirs = Box::factory()->createOne(['crew_id' => $others->id, 'theme' => 'Secret box']);
        $rows = [self::row($others->id, $theirs->id, 900, 'Secret box')];
        foreach (range(1, 51) as $number) {
            $box = $this->box(['number' => $number, 'theme' => "Theme {$number}", 'stage' => Stage::Packed]);
            $rows[] = self::row($this->crew->id, $box->id, $number, "Theme {$number}");
        }
        DB::table('log_boxes')->insert($rows);

        $this->get('/send/log?season=2026')->assertSee('51 boxes.')->assertSee('Theme 51')
            ->assertDontSee('> Theme 1<', false)
            ->assertSee('Page 1 of 2')->assertSee('season=2026&amp;page=2', false)->assertDontSee('Secret box');
        $this->get('/send/log?season=2026&page=2')->assertSee('Theme 1')->assertDontSee('Theme 2');
    }

    /**
     * @param  list<array{Lot, int}>  $pieces
     * @param  array<string, mixed>  $with
     */
    private function handedIn(int $number, string $theme, array $pieces, array $with = []): Box
    {
        $box = $this->box(['number' => $number, 'theme' => $theme, 'stage' => Stage::Packed, ...$with]);
        foreach ($pieces as [$lot, $count]) {
            Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $lot->id, 'quantity' => $count]);
        }
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'handed-in', 'was' => 'packed'])->assertSessionHasNoErrors();

        return $box;
    }

    /** @return array<string, string|int> */
    private static function row(int $crew, string $box, int $number, string $theme): array
    {
        return [
            'box_id' => $box, 'crew_id' => $crew, 'number' => $number, 'theme' => $theme, 'band' => '4-7',
            'gender' => 'girl', 'season' => 2026, 'handed_in_on' => '2026-12-12', 'by' => 'Ines', 'cost_minor' => 2000,
            'currency' => 'EUR',
            'searched' => mb_strtolower($theme),
        ];
    }
}

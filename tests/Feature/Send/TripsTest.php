<?php

declare(strict_types=1);

namespace Tests\Feature\Send;

use App\Models\Box;
use App\Models\LogBox;
use App\Models\Piece;
use App\Models\Trip;
use App\Models\TripBox;
use PluckyWren\Core\Box\Stage;
use Tests\Feature\TestCase;

/** Which boxes go where, in how many cartons, and handing all of them in at once. */
final class TripsTest extends TestCase
{
    private Box $box;

    private Box $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-12 10:00');
        $this->actingAs($this->packer);
        $soap = $this->lot('soap', ['name' => 'Pine soap', 'pieces' => 9]);
        $this->box = $this->box(['number' => 14, 'theme' => 'Tide pool', 'stage' => Stage::Packed]);
        $this->other = $this->box(['number' => 15, 'theme' => 'Kite hill', 'stage' => Stage::Packed]);
        foreach ([$this->box, $this->other] as $box) {
            Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $soap->id, 'quantity' => 1]);
        }
    }

    public function test_a_trip_is_planned_with_what_is_packed_and_tells_of_a_place_that_closes_early(): void
    {
        $planned = $this->box(['number' => 16, 'theme' => 'Night harbour']);
        $page = (string) $this->get('/send/trips/new')->assertOk()->assertSeeInOrder(['0014-M', '0015-P', '0016-S'])
            ->getContent();
        self::assertStringContainsString("value=\"{$this->box->id}\" checked", $page);
        self::assertStringNotContainsString("value=\"{$planned->id}\" checked", $page);

        $trip = $this->trip([$this->box->id, $planned->id], 'Lock House school', '2026-12-14');

        $this->get("/send/trips/{$trip->id}")->assertOk()
            ->assertSeeInOrder(['To Lock House school', 'On Monday, 14 Dec 2026'])
            ->assertSee('The drive takes boxes until 18 Dec, but Lock House school only until 15 Dec.', false)
            ->assertSeeInOrder(
                ['0014-M', 'packed', 'Still lacks: note, label, shipping gift', '0016-S', 'no lid on yet'],
            )
            ->assertSee('One box has no lid on yet; it stays here.')
            ->assertSee('One carton.');
        $this->get('/send')->assertSeeInOrder(['14 Dec, to Lock House school', '2 boxes']);
        foreach ([
            ['Lock House school', '2026-12-16', 'takes boxes only until 15 Dec. Go earlier, or elsewhere.'],
            ['the quay hall', '2026-12-19', 'The drive takes boxes only until 18 Dec.'],
            ['the quay hall', '2026-12-02', 'On 2 Dec nobody takes boxes yet: the drive takes them from 11 Dec.'],
            ['Ines’s porch', '2026-12-12', 'guide does not name Ines’s porch'],
        ] as [$place, $day, $says]) {
            $this->put("/send/trips/{$trip->id}", ['place' => $place, 'goes_on' => $day, 'boxes' => [$this->box->id]])
                ->assertSessionHasNoErrors();
            $this->get("/send/trips/{$trip->id}")->assertSee($says);
        }
        self::assertSame([$this->box->id], TripBox::query()->pluck('box_id')->all());
    }

    public function test_all_packed_boxes_of_a_trip_are_handed_in_at_once_with_their_dockets(): void
    {
        $open = $this->box(['number' => 16]);
        $trip = $this->trip([$this->box->id, $this->other->id, $open->id]);

        $this->post("/send/trips/{$trip->id}/hand-in", ['dockets' => [
            $this->box->id => 'qh-204 417', $this->other->id => '', $open->id => 'QH-', 'x' => '',
        ]])->assertSessionHasErrors([
            "dockets.{$open->id}" => '“QH-” is no docket number. One has 4 to 24 letters and digits, like QH-204417.',
        ]);
        self::assertSame(0, LogBox::query()->count());

        $this->post("/send/trips/{$trip->id}/hand-in", ['dockets' => [
            $this->box->id => 'qh-204 417', $this->other->id => '',
        ]])->assertSessionHas('said', '2 boxes are handed in.');
        self::assertSame(['QH-204417', null], LogBox::query()->orderBy('number')->pluck('docket')->all());
        self::assertSame(Stage::Planned, $open->refresh()->stage);
        $this->get("/send/trips/{$trip->id}")->assertSee('value="QH-204417"', false)->assertSee('handed in')
            ->assertDontSee('Hand in all');

        $this->put("/send/trips/{$trip->id}/dockets", ['dockets' => [
            $this->box->id => '', $this->other->id => 'QH-204417', $open->id => 'QH-204419',
        ]])->assertSessionHas('said', 'The docket numbers are saved.');
        self::assertSame([null, 'QH-204417'], LogBox::query()->orderBy('number')->pluck('docket')->all());
        $this->get('/send/log?q=qh-204417')->assertSee('Kite hill')->assertDontSee('Tide pool');
    }

    public function test_what_was_handed_in_stays_on_its_trip_whatever_is_ticked(): void
    {
        $trip = $this->trip([$this->box->id]);
        $this->post("/send/trips/{$trip->id}/hand-in")->assertSessionHasNoErrors();
        $this->put("/send/trips/{$trip->id}", [
            'place' => 'the quay hall', 'goes_on' => '2026-12-12', 'boxes' => [$this->other->id],
        ])->assertSessionHasNoErrors();

        self::assertEqualsCanonicalizing(
            [$this->box->id, $this->other->id],
            TripBox::query()->where('trip_id', $trip->id)->pluck('box_id')->all(),
        );
        // A second trip takes what is still here along, not what is gone.
        $second = $this->trip([$this->box->id, $this->other->id]);
        self::assertSame([$this->other->id], $second->boxes()->pluck('box_id')->all());
        $this->delete("/send/trips/{$second->id}")->assertRedirect('/send');
        self::assertSame(2, Box::query()->count());
    }

    public function test_a_trip_without_place_day_or_boxes_is_refused_beside_the_field(): void
    {
        $this->from('/send/trips/new')
            ->post('/send/trips', ['place' => ' ', 'goes_on' => '2026-02-31', 'boxes' => 'all'])
            ->assertRedirect('/send/trips/new')
            ->assertSessionHasErrors([
                'place' => 'Say where the trip goes, in at most 120 letters.', 'goes_on' => 'Choose the day.',
                'boxes' => 'Tick at least one box.',
            ]);
        self::assertSame(0, Trip::query()->count());
    }

    public function test_it_is_drawn_how_many_cartons_the_boxes_fill_and_what_a_wide_one_takes_away(): void
    {
        $ids = [];
        foreach (range(1, 16) as $number) {
            $ids[] = $this->box(['number' => 100 + $number, 'stage' => Stage::Packed])->id;
        }
        $ids[] = $this->box(['number' => 117, 'stage' => Stage::Packed, 'box_kind' => 'wide-shoebox'])->id;
        $trip = $this->trip($ids);

        $page = $this->get("/send/trips/{$trip->id}")->assertOk()
            ->assertSee('2 cartons.')
            // 680 by 420 by 500 mm hold 16 straight ones, or 6 wide ones: 16 / 6.
            ->assertSee('Straight card box: 16 fill a carton.')
            ->assertSee('Wide shoebox: 6 fill a carton; each takes the room of 2.7 of the smallest.');
        self::assertSame(17, substr_count((string) $page->getContent(), 'class="carton-words"'));
    }

    public function test_boxes_of_other_years_are_in_the_log_and_not_on_the_shelf(): void
    {
        $trip = $this->trip([$this->box->id]);
        $this->post("/send/trips/{$trip->id}/hand-in");
        $this->get('/boxes')->assertSee('Tide pool');
        $this->travelTo('2027-03-01 10:00');

        foreach (['/boxes', '/send'] as $page) {
            $this->get($page)->assertOk()->assertDontSee('Tide pool')->assertSee('Kite hill');
        }
        $this->get('/send/log')->assertSee('Tide pool');
        // Still there as it was, for whoever looks for it.
        $this->get("/boxes/{$this->box->id}")->assertOk()->assertSee('Tide pool');
    }

    /** @param list<string> $ids */
    private function trip(array $ids, string $place = 'the quay hall', string $day = '2026-12-12'): Trip
    {
        $this->post('/send/trips', ['place' => $place, 'goes_on' => $day, 'boxes' => $ids])
            ->assertSessionHasNoErrors()
            ->assertSessionHas('said', 'The trip is planned.');

        return Trip::query()->get()->sortByDesc('id')->firstOrFail();
    }
}

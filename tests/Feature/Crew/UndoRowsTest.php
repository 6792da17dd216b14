<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use App\Models\Box;
use App\Models\BoxNote;
use App\Models\GiftPayment;
use App\Models\Idea;
use App\Models\IdeaThing;
use App\Models\Lot;
use App\Models\RowChange;
use App\Models\Trip;
use App\Models\TripBox;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Stage;
use Tests\Feature\TestCase;

/** Ideas, trips, notes, gifts, photos and what hangs on boxes and lots: all of it is undone. */
final class UndoRowsTest extends TestCase
{
    use UndoesDeeds;

    private const TABLES = [
        'boxes', 'lots', 'pieces', 'ideas', 'idea_things', 'trips', 'trip_boxes', 'box_notes', 'note_photos',
        'box_photos', 'box_themes', 'gift_payments', 'box_gifts', 'lot_photos', 'benches', 'bench_presses', 'crews',
        'left_behinds',
    ];

    private Box $box;

    private Lot $soap;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->box = $this->box(['theme' => 'Tide pool', 'stage' => Stage::Packed]);
        $this->soap = $this->lot('soap', ['name' => 'Soap, pine']);
    }

    public function test_every_deed_comes_with_its_undo_and_leaves_nothing_behind(): void
    {
        $idea = Idea::query()->create(['crew_id' => $this->crew->id, 'name' => 'Little railway']);
        $this->post("/ideas/{$idea->id}/things", ['lot' => $this->soap->id, 'quantity' => 2])->assertRedirect();
        $trip = Trip::query()->create([
            'crew_id' => $this->crew->id, 'place' => 'the quay hall', 'goes_on' => '2026-12-12', 'by' => 'Odile',
        ]);
        TripBox::query()->create(['crew_id' => $this->crew->id, 'trip_id' => $trip->id, 'box_id' => $this->box->id]);
        $other = $this->box(['number' => 15, 'stage' => Stage::Packed]);
        $gift = $this->settled($other);
        $photo = static fn (string $name): UploadedFile => UploadedFile::fake()->image($name, 30, 30);
        $box = "/boxes/{$this->box->id}";
        $deeds = [
            'an idea begun' => fn () => $this->post('/ideas', ['name' => 'Kites', 'seed' => $this->soap->id]),
            'an idea changed' => fn () => $this->put("/ideas/{$idea->id}", ['name' => 'Big railway']),
            'more held' => fn () => $this->post("/ideas/{$idea->id}/things", [
                'lot' => $this->soap->id, 'quantity' => 1,
            ]),
            'let go' => fn () => $this->delete("/ideas/{$idea->id}/things", ['lot' => $this->soap->id]),
            'an idea dropped' => fn () => $this->delete("/ideas/{$idea->id}"),
            'a trip planned' => fn () => $this->post('/send/trips', [
                'place' => 'the quay hall', 'goes_on' => '2026-12-14', 'boxes' => [$this->box->id],
            ]),
            'a trip changed' => fn () => $this->put("/send/trips/{$trip->id}", [
                'place' => 'Lock House school', 'goes_on' => '2026-12-14', 'boxes' => [$other->id],
            ]),
            'a trip dropped' => fn () => $this->delete("/send/trips/{$trip->id}"),
            'a note written' => fn () => $this->put("{$box}/note", ['words' => 'Look under the kite!', 'was' => '']),
            'a photo for the note' => fn () => $this->post("{$box}/note/photo", [
                'photo' => $photo('me.jpg'), 'side' => 1000, 'x' => 0, 'y' => 0,
            ]),
            'a photo of a box' => fn () => $this->post("{$box}/photo", ['photo' => $photo('box.jpg')]),
            'a photo of a thing' => fn () => $this->post("/lots/{$this->soap->id}/photo", [
                'photo' => $photo('soap.jpg'),
            ]),
            'a gift settled' => fn () => $this->post('/send/gifts', [
                'state' => 'paid', 'settled_on' => '2026-11-18', 'gifts' => [$this->box->id],
            ]),
            'a gift not settled after all' => fn () => $this->delete("/send/gifts/{$gift->id}"),
        ];
        $this->assertEachIsUndone($deeds, self::TABLES);
        $this->get('/lately')->assertOk()->assertSee('Idea deleted: Little railway')->assertDontSee('Something');
    }

    public function test_a_photo_that_is_replaced_comes_back(): void
    {
        $path = "/lots/{$this->soap->id}/photo";
        $this->post($path, ['photo' => UploadedFile::fake()->image('one.jpg', 30, 30)])->assertRedirect();
        $before = self::rowsOf(self::TABLES);
        $undo = $this->undoOf(fn () => $this->post($path, ['photo' => UploadedFile::fake()->image('two.jpg', 50, 20)]));
        self::assertNotEquals($before, self::rowsOf(self::TABLES));

        $this->post($undo)->assertSessionHasNoErrors();
        self::assertEquals($before, self::rowsOf(self::TABLES));
    }

    public function test_a_deleted_box_comes_back_with_all_that_hung_on_it(): void
    {
        $box = $this->box(['number' => 20, 'theme' => 'Kite hill']);
        $path = "/boxes/{$box->id}";
        $trip = Trip::query()->create([
            'crew_id' => $this->crew->id, 'place' => 'the quay hall', 'goes_on' => '2026-12-12', 'by' => 'Odile',
        ]);
        $this->post("{$path}/pieces", ['lot' => $this->soap->id, 'quantity' => 1])->assertRedirect();
        $this->put("{$path}/note", ['words' => 'Look under the kite!', 'was' => ''])->assertRedirect();
        $this->post("{$path}/photo", ['photo' => UploadedFile::fake()->image('box.jpg', 30, 30)])->assertRedirect();
        $this->put("{$path}/theme", ['more' => 'wind', 'colours' => []])->assertSessionHasNoErrors();
        TripBox::query()->create(['crew_id' => $this->crew->id, 'trip_id' => $trip->id, 'box_id' => $box->id]);
        foreach ([false, true] as $isTripGone) {
            $before = self::rowsOf(self::TABLES);
            $undo = $this->undoOf(fn () => $this->delete($path), of: '/box-changes/');
            self::assertSame(0, BoxNote::query()->count());
            $isTripGone && Trip::query()->whereKey($trip->id)->delete();

            $this->post($undo)->assertRedirect()->assertSessionHasNoErrors();
            // Only the trip that is gone has no place for it any more.
            $without = $isTripGone ? ['trips' => [], 'trip_boxes' => []] : [];
            self::assertEquals([...$before, ...$without], self::rowsOf(self::TABLES));
        }
    }

    public function test_a_deleted_lot_comes_back_though_the_idea_that_held_it_is_gone(): void
    {
        $idea = Idea::query()->create(['crew_id' => $this->crew->id, 'name' => 'Little railway']);
        $this->post("/ideas/{$idea->id}/things", ['lot' => $this->soap->id, 'quantity' => 2])->assertRedirect();
        $this->post("/lots/{$this->soap->id}/photo", ['photo' => UploadedFile::fake()->image('s.jpg', 30, 30)]);
        $undo = $this->undoOf(fn () => $this->delete("/lots/{$this->soap->id}"));
        $this->delete("/ideas/{$idea->id}")->assertRedirect();

        $this->post($undo)->assertRedirect()->assertSessionHasNoErrors();
        self::assertSame([1, 0], [DB::table('lot_photos')->count(), IdeaThing::query()->count()]);
    }

    public function test_a_box_planned_from_an_idea_is_undone_and_the_idea_is_there_again(): void
    {
        $idea = Idea::query()->create([
            'crew_id' => $this->crew->id, 'name' => 'Little railway', 'wishes' => ['whistle'],
        ]);
        $this->post("/ideas/{$idea->id}/things", ['lot' => $this->soap->id, 'quantity' => 6])->assertRedirect();
        $before = self::rowsOf(self::TABLES);
        $undo = $this->undoOf(fn () => $this->post('/boxes', [
            'theme' => 'Little railway', 'band' => '4-7', 'gender' => 'girl', 'box_kind' => 'straight-card',
            'idea' => $idea->id,
        ]));
        self::assertSame(0, Idea::query()->count());

        $this->post($undo)->assertRedirect()->assertSessionHasNoErrors();
        self::assertEquals($before, self::rowsOf(self::TABLES));
    }

    public function test_what_was_built_on_since_is_not_taken_away(): void
    {
        $begun = $this->undoOf(fn () => $this->post('/ideas', ['name' => 'Kites']));
        $idea = Idea::query()->sole();
        $this->post("/ideas/{$idea->id}/things", ['lot' => $this->soap->id, 'quantity' => 2])->assertRedirect();
        $this->from('/ideas')->post($begun)->assertSessionHasErrors('undo');
        self::assertSame(1, IdeaThing::query()->count());

        // What was held lies in a box by now.
        $letGo = $this->undoOf(
            fn () => $this->delete("/ideas/{$idea->id}/things", ['lot' => $this->soap->id]),
        );
        $open = $this->box(['number' => 30]);
        $this->post("/boxes/{$open->id}/pieces", ['lot' => $this->soap->id, 'quantity' => 5])->assertRedirect();
        $this->from('/ideas')->post($letGo)->assertSessionHasErrors('undo');
        self::assertSame(0, IdeaThing::query()->count());
        self::assertSame(0, RowChange::query()->whereNotNull('undone_at')->count());
    }

    public function test_what_was_deleted_waits_thirty_days(): void
    {
        $idea = Idea::query()->create(['crew_id' => $this->crew->id, 'name' => 'Little railway']);
        $undo = $this->undoOf(fn () => $this->delete("/ideas/{$idea->id}"));
        $this->travel(31)->days();
        $this->from('/lately')->post($undo)->assertSessionHasErrors('undo');

        // The next thing that is deleted sweeps away what waited too long.
        $next = Idea::query()->create(['crew_id' => $this->crew->id, 'name' => 'Kites']);
        $this->delete("/ideas/{$next->id}")->assertRedirect();
        self::assertSame(['Kites'], RowChange::query()->where('what', 'deleted')->pluck('name')->all());
    }

    public function test_the_note_of_a_box_that_was_handed_in_stays(): void
    {
        $undo = $this->undoOf(fn () => $this->put("/boxes/{$this->box->id}/note", ['words' => 'Hello', 'was' => '']));
        $this->put("/boxes/{$this->box->id}/stage", ['stage' => 'handed-in', 'was' => 'packed']);
        $this->from('/lately')->post($undo)->assertSessionHasErrors('undo');

        self::assertSame(1, BoxNote::query()->count());
    }

    private function settled(Box $box): GiftPayment
    {
        $this->post('/send/gifts', ['state' => 'paid', 'settled_on' => '2026-11-18', 'gifts' => [$box->id]])
            ->assertSessionHasNoErrors();

        return GiftPayment::query()->sole();
    }
}

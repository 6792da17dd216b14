<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Source;
use Tests\Feature\TestCase;

/** Findings with their remedies and reasons, and what is done before a box is packed. */
final class FlagsAndTasksTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_a_finding_shows_its_working_and_its_remedy_mends_it(): void
    {
        $box = $this->box(['band' => '2-3']);
        $sharpener = $this->in($box, $this->lot('sharpener', ['name' => 'Brass sharpener', 'traits' => []]));

        $this->get("/boxes/{$box->id}")->assertOk()
            ->assertSee('It goes whole into the small-parts cylinder')
            ->assertSee('26 × 15 × 11 mm, in a cylinder 31.7 mm across and 25.4 to 57.1 mm deep')
            ->assertSee('1 problem to fix');
        $this->delete("/pieces/{$sharpener->id}", [], ['HX-Request' => 'true'])
            ->assertOk()
            ->assertDontSee('small-parts cylinder')
            ->assertSee('Nothing to take out');
    }

    public function test_a_finding_is_left_with_a_reason_that_is_kept_told_on_paper_and_taken_back(): void
    {
        $box = $this->box();
        $piece = $this->in($box, $this->lot('balloons', ['name' => 'Blue balloons']));
        $key = "trait.balloon|{$piece->id}";
        $this->get("/boxes/{$box->id}")
            ->assertSee('1 problem to fix')
            ->assertSee('Balloons can choke children under eight.');

        $leave = fn (string $because, ?string $of = null) => $this->post(
            "/boxes/{$box->id}/answers",
            ['key' => $of ?? $key, 'because' => $because],
            ['HX-Request' => 'true'],
        );
        $leave('')->assertUnprocessable()->assertSee('Say why, in a few words: whoever checks the box will ask.');
        $leave(str_repeat('x', 201))->assertUnprocessable()->assertSee('at most 200 characters');
        $leave('Because', 'trait.magnet|nothing')->assertNotFound();
        $leave('Her sister of nine blows them up.')
            ->assertOk()
            ->assertSee('Kept because: Her sister of nine blows them up.')
            ->assertSee('tips')
            ->assertSee('Hazard, kept anyway');
        $this->get("/boxes/{$box->id}/check-sheet")->assertSee(
            'Hazard, kept because: Her sister of nine blows them up.',
        );
        self::assertSame(
            [
                'because' => 'Her sister of nine blows them up.',
                'by' => $this->packer->name,
                'at' => now()->toDateString(),
                'of' => [$piece->id => "lot:{$piece->lot_id}"],
            ],
            $box->refresh()->answers[$key],
        );

        $this->delete("/boxes/{$box->id}/answers", ['key' => $key], ['HX-Request' => 'true'])
            ->assertOk()
            ->assertSee('1 problem to fix');
        self::assertSame([], $box->refresh()->answers);
    }

    public function test_a_reason_comes_back_with_the_piece_and_holds_for_a_set_that_has_grown(): void
    {
        $box = $this->box(['band' => '2-3']);
        [$rope, $soap] = [$this->lot('skipping-rope'), $this->lot('soap')];
        $because = ['because' => 'Her grandmother holds the other end.'];
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $rope->id, 'quantity' => 1]);
        $piece = Piece::query()->firstOrFail();
        $key = collect($this->keysIn($box))->firstOrFail(static fn (string $key): bool => str_contains($key, 'cord'));
        $this->post("/boxes/{$box->id}/answers", ['key' => $key, ...$because]);
        $this->get("/boxes/{$box->id}")->assertSee('Her grandmother holds the other end.');

        $this->delete("/pieces/{$piece->id}");
        $this->get("/boxes/{$box->id}")->assertDontSee('Her grandmother holds the other end.');
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $rope->id, 'quantity' => 1]);
        $again = Piece::query()->firstOrFail();
        self::assertNotSame($piece->id, $again->id);
        $this->get("/boxes/{$box->id}")->assertSee('Her grandmother holds the other end.');
        $this->delete("/boxes/{$box->id}/answers", ['key' => str_replace($piece->id, $again->id, $key)]);
        $this->get("/boxes/{$box->id}")->assertDontSee('Her grandmother holds the other end.');
        self::assertSame([], $box->refresh()->answers);

        // The prices of two things, then of three.
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $soap->id, 'quantity' => 1]);
        $prices = collect($this->keysIn($box))->firstOrFail(
            static fn (string $key): bool => str_contains($key, 'prices'),
        );
        $this->post("/boxes/{$box->id}/answers", ['key' => $prices, 'because' => 'Ines takes them all off.']);
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $this->lot('comb')->id, 'quantity' => 1]);
        $this->get("/boxes/{$box->id}")
            ->assertDontSee('may still carry one')
            ->assertSee('Kept because: Ines takes them all off.');
    }

    public function test_several_findings_are_left_for_one_reason(): void
    {
        $box = $this->box(['band' => '2-3']);
        foreach (['skipping-rope', 'soap'] as $kind) {
            $this->in($box, $this->lot($kind));
        }
        $keys = array_slice($this->keysIn($box), 0, 2);
        $this->post("/boxes/{$box->id}/answers", ['keys' => $keys, 'because' => ''], ['HX-Request' => 'true'])
            ->assertUnprocessable()
            ->assertSee('several-wrong', false);
        $this->post("/boxes/{$box->id}/answers", ['keys' => [...$keys, 'nothing|x'], 'because' => 'All seen.'])
            ->assertNotFound();
        self::assertSame([], $box->refresh()->answers);
        self::assertSaid(
            '2 findings are left as they are; the reason is kept.',
            $this->post(
                "/boxes/{$box->id}/answers", ['keys' => $keys, 'because' => 'All seen.'], ['HX-Request' => 'true'],
            )->assertOk(),
        );
        self::assertSame($keys, array_keys($box->refresh()->answers));
    }

    public function test_what_rests_on_several_pieces_is_told_once_and_a_need_may_be_left_too(): void
    {
        $box = $this->box(['band' => '2-3']);
        foreach (['soap', 'crayons-thick'] as $kind) {
            $this->in($box, $this->lot($kind));
        }
        $says = 'A thin bag can close a small child’s mouth and nose';
        $this->post(
            "/boxes/{$box->id}/answers",
            ['key' => 'missing.letter|', 'because' => 'They write it at the hall.'],
            ['HX-Request' => 'true'],
        )
            ->assertOk()
            ->assertSee('Kept because: They write it at the hall.');

        self::assertSame(1, substr_count((string) $this->get("/boxes/{$box->id}")->getContent(), $says));
        $paper = (string) $this->get("/boxes/{$box->id}/check-sheet")
            ->assertSee('Kept because: They write it at the hall.')
            ->getContent();
        self::assertSame(1, substr_count($paper, $says));
    }

    public function test_a_missing_measure_is_measured_and_not_explained_away(): void
    {
        $box = $this->box(['band' => '2-3']);
        $piece = $this->in($box, $this->lot('t-shirt', ['size_label' => 'one size']));

        $this->get("/boxes/{$box->id}")->assertSee('We cannot read the size “one size”.');
        $this->post(
            "/boxes/{$box->id}/answers",
            ['key' => "size.unread|{$piece->id}", 'because' => 'It looks fine.'],
            ['HX-Request' => 'true'],
        )->assertUnprocessable();
        self::assertSame([], $box->refresh()->answers);
    }

    public function test_tasks_come_from_the_piece_are_ticked_off_and_warn_when_done_in_the_wrong_order(): void
    {
        $box = $this->box();
        $piece = $this->in($box, $this->lot('soap', ['name' => 'Green soap']));
        $this->get("/boxes/{$box->id}/prepare")
            ->assertOk()
            ->assertSeeInOrder(['Green soap', 'take the price off', 'bag it twice', 'see that the box is sound']);
        $this->get("/boxes/{$box->id}")->assertSee('1 piece may still carry one');

        $tick = fn (string $task, array $what = ['done' => '1']) => $this->from("/boxes/{$box->id}/prepare")->put(
            "/pieces/{$piece->id}/tasks/{$task}",
            ['from' => 'list', ...$what],
        );
        $tick('bag-twice')
            ->assertRedirect("/boxes/{$box->id}/prepare")
            ->assertSessionHas('said', 'Done: bag it twice. But this should have come first: take the price off.');
        $this->get("/boxes/{$box->id}/prepare")->assertSee('But this should have come first: take the price off.');
        $tick('price-off')->assertSessionHas('said', 'Done: take the price off.');
        $this->get("/boxes/{$box->id}/prepare")->assertDontSee('should have come first');
        self::assertEquals(Prepared::all(1, [Task::PriceOff, Task::BagTwice]), $piece->refresh()->done);
        $this->get("/boxes/{$box->id}")->assertDontSee('may still carry one');
        $tick('bag-twice', [])->assertSessionHas('said', 'Still to do: bag it twice.');
        $tick('polish')->assertNotFound();

        // One more of it is not prepared yet; what was done to the first is known still.
        $this->patch("/pieces/{$piece->id}", ['quantity' => 2]);
        self::assertSame([], $piece->refresh()->preparation()->done);
        $this->get("/boxes/{$box->id}/prepare")->assertSee('take the price off (1 of 2 done)');
    }

    public function test_an_evening_does_one_kind_of_work_over_all_open_boxes(): void
    {
        foreach (['Tide pool', 'Kite festival'] as $theme) {
            $this->in($this->box(['theme' => $theme]), $this->lot('soap', ['name' => "Soap for {$theme}"]));
        }
        $this->in(
            $this->box(['theme' => 'Sealed', 'stage' => 'packed']),
            $this->lot('soap', ['name' => 'Sealed soap']),
        );

        $this->get('/pack/evening')
            ->assertOk()
            ->assertSeeInOrder(['Take the price off', 'Soap for Tide pool', 'Soap for Kite festival', 'Bag it twice'])
            ->assertDontSee('Sealed soap');
        $soaps = Piece::query()->whereRelation('box', 'stage', 'planned')->pluck('id')->all();
        $this->put('/pack/evening/price-off', ['pieces' => $soaps])->assertSessionHas(
            'said',
            'Done for 2 pieces: take the price off.',
        );
        $this->get('/pack/evening')->assertDontSee('Take the price off')->assertSee('Bag it twice');
        $this->put('/pack/evening/price-off', ['pieces' => [...$soaps, 'nobody’s']])->assertNotFound();
        Piece::query()->get()->each(fn (Piece $piece) => $piece->update([
            'done' => Prepared::all($piece->quantity, Task::cases()),
        ]));
        $this->get('/pack/evening')->assertSee('Nothing to do tonight');
    }

    public function test_what_is_done_to_several_pieces_of_a_box_is_ticked_and_undone_at_one_go(): void
    {
        $box = $this->box();
        $pieces = array_map(
            fn (string $name): Piece => $this->in(
                $box, $this->lot('comb', ['name' => $name, 'source' => Source::Shop])
            ),
            ['Blue comb', 'Red comb', 'Wide comb'],
        );
        $isDone = static fn (): array => array_map(
            static fn (Piece $piece): bool => $piece->refresh()->preparation()->isDone(Task::PriceOff),
            $pieces,
        );
        $this->get("/boxes/{$box->id}/prepare")->assertSee('take the price off, all 3');

        $this->put('/pack/evening/price-off', ['pieces' => array_column($pieces, 'id')]);
        $undo = (string) session('undo');
        self::assertSame([true, true, true], $isDone());
        $this->get("/boxes/{$box->id}/prepare")->assertDontSee('At one go');

        $this->post($undo)->assertRedirect();
        self::assertSame([false, false, false], $isDone());

        $pieces[2]->delete();
        $this->get("/boxes/{$box->id}/prepare")->assertSee('take the price off')->assertDontSee('At one go');
    }

    public function test_a_crew_does_it_its_own_way(): void
    {
        $box = $this->box();
        $this->in($box, $this->lot('puzzle', ['source' => Source::Given]));
        $this->get("/boxes/{$box->id}/prepare")->assertSee('keep the picture');

        $this->put('/habits', ['strips_packaging' => '1'])->assertRedirect();
        self::assertFalse($this->crew->refresh()->habits->bagsPuzzles);
        $this->packer->refresh()->setRelation('crew', $this->crew);
        $this->get("/boxes/{$box->id}/prepare")->assertDontSee('keep the picture');
    }

    public function test_paper_is_reckoned_from_the_box(): void
    {
        $box = $this->box();
        // 326 x 204 x 122 outside: walls of 122 and 30 turned in, twice, are 304 more each way; the lid's 45 and 30 are
        // 150.
        $this->get("/boxes/{$box->id}/prepare?width=70+cm&metres=2")
            ->assertSee('630 × 508 mm')
            ->assertSee('476 × 354 mm')
            ->assertSee('Such a roll covers 2 boxes like this.');
        $this->get("/boxes/{$box->id}/prepare?width=20&metres=2")->assertSee('Such a roll covers no whole box.');
        $this->get("/boxes/{$box->id}/prepare?width=wide&metres=x")->assertOk()->assertSee('“wide”');
        $this->get("/boxes/{$box->id}/prepare?width=70&metres=x")->assertSee('How long the roll is, in metres');
    }

    public function test_what_a_kit_holds_counts_and_is_found(): void
    {
        $box = $this->box(['theme' => 'Tide pool']);
        $form = [
            'kind' => 'school-pouch-filled',
            'name' => 'Filled pouch',
            'price' => '4.00',
            'pieces' => '1',
            'source' => 'shop',
            'got_on' => '2026-05-02',
            'length' => '215',
            'width' => '110',
            'height' => '35',
        ];
        $this->post('/lots', ['holds' => "5 Pencil\n2 gremlins"] + $form)->assertSessionHasErrors([
            'holds' => '“2 gremlins” is no kind of thing we know. Write how many and what, like “2 Pencil”.',
        ]);
        $this->post('/lots', ['holds' => "5 Pencil\nPencil sharpener"] + $form)->assertSessionHasNoErrors();
        $lot = Lot::query()->where('name', 'Filled pouch')->firstOrFail();
        self::assertSame(['pencils' => 5, 'sharpener' => 1], $lot->holds);

        $this->get("/boxes/{$box->id}")->assertSee('0 of 17');
        $this->in($box, $lot);
        // Pencils and a sharpener: two of the seventeen.
        $this->get("/boxes/{$box->id}")->assertSee('2 of 17');
        $this->get('/find?q=sharpener')
            ->assertSee('Inside something else')
            ->assertSee('holds 5 Pencil, 1 Pencil sharpener')
            ->assertSee('Tide pool');
    }

    public function test_the_closing_check_is_answered_by_the_data_and_by_ticks_and_then_the_lid_goes_on(): void
    {
        $box = $this->box(['theme' => 'Tide pool', 'stage' => 'ready']);
        $this->in($box, $this->lot('star-viewer', ['name' => 'Brass telescope']));

        $this->get("/boxes/{$box->id}")->assertSee("/boxes/{$box->id}/closing", false);
        $this->get("/boxes/{$box->id}/closing")->assertOk()
            ->assertSeeInOrder([
                'Missing: ',
                'Problems to fix: Brass telescope',
                'Nothing is left to ask about.',
                'Still to prepare: Brass telescope',
                'No note is in it.',
                'The lid closes over all of it.',
                'The label says girl, 4–7.',
                'Close it anyway',
                'They take out',
                'Brass telescope',
                'They would add',
                'soap',
            ]);
        $this->put("/boxes/{$box->id}/closing/label", ['done' => '1'])->assertRedirect("/boxes/{$box->id}/closing");
        self::assertSame(['label'], $box->refresh()->ticks);
        $this->put("/boxes/{$box->id}/closing/label")->assertRedirect();
        self::assertSame([], $box->refresh()->ticks);
        $this->put("/boxes/{$box->id}/closing/weather")->assertNotFound();
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'packed'])->assertRedirect();
        $this->get("/boxes/{$box->id}/closing")->assertOk()->assertDontSee('Put the lid on');
    }

    public function test_a_decorated_lid_keeps_the_box_the_box_it_is(): void
    {
        $box = $this->box(['theme' => 'Tide pool']);
        $this->put("/boxes/{$box->id}/tasks/decorate-lid", ['done' => '1', 'from' => 'list']);
        $form = ['band' => '4-7', 'gender' => 'girl', 'theme' => 'Tide pool', 'box_kind' => 'wide-shoebox'];

        $this->put(
            "/boxes/{$box->id}",
            ['box_kind' => 'straight-card', 'theme' => 'Rock pool'] + $form,
        )->assertSessionHasNoErrors();
        self::assertSame([Task::DecorateLid], $box->refresh()->done);
        $this->from("/boxes/{$box->id}/edit")->put("/boxes/{$box->id}", $form)->assertSessionHasErrors('box_kind');
        $this->get("/boxes/{$box->id}/edit")->assertSee('so it is this box')->assertSee('I take another box');
        self::assertSame('straight-card', $box->refresh()->box_kind);
        $this->put("/boxes/{$box->id}", ['new_box' => '1'] + $form)->assertSessionHasNoErrors();
        self::assertSame(['wide-shoebox', []], [$box->refresh()->box_kind, $box->done]);
    }

    /** @return list<string> the keys of all that can be left */
    private function keysIn(Box $box): array
    {
        $page = (string) $this->get("/boxes/{$box->id}")->getContent();
        preg_match_all('/name="keys\[\]" value="([^"]+)"/', $page, $keys);

        return $keys[1];
    }

    private function in(Box $box, Lot $lot): Piece
    {
        return Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $lot->id, 'quantity' => 1]);
    }
}

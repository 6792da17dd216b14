<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ChangeBox;
use App\Actions\ChangeLot;
use App\Models\Box;
use App\Models\BoxChange;
use App\Models\CrewGuide;
use App\Models\Lot;
use App\Models\LotChange;
use App\Models\Piece;
use App\Refusals\ChangedMeanwhile;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Source;

/** Two people at one thing, a form sent twice, and the way back from what was done. */
final class NothingIsLostTest extends TestCase
{
    private const HTMX = ['HX-Request' => 'true'];

    private const SOAP = [
        'kind' => 'soap',
        'name' => 'Soap, pine',
        'price' => '2.76',
        'pieces' => '6',
        'source' => 'shop',
        'place' => 'Tuppence Corner',
        'got_on' => '2026-11-08',
        'length' => '92',
        'width' => '60',
        'height' => '30',
        'traits' => ['scented'],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_two_people_at_one_lot_each_keep_what_they_changed(): void
    {
        $lot = $this->lot();
        $was = ChangeLot::prints($lot);

        $this->put("/lots/{$lot->id}", ['was' => $was, 'name' => 'Soap, fir'] + self::SOAP)->assertSessionHasNoErrors();
        $this->put("/lots/{$lot->id}", ['was' => $was, 'kept' => 'blue tub'] + self::SOAP)->assertSessionHasNoErrors();

        self::assertSame(['Soap, fir', 'blue tub'], [$lot->refresh()->name, $lot->kept]);
    }

    public function test_the_second_is_shown_what_changed_meanwhile_and_chooses(): void
    {
        $lot = $this->lot();
        $was = ChangeLot::prints($lot);
        $this->put("/lots/{$lot->id}", ['was' => $was, 'pieces' => '5', 'price' => '6.00'] + self::SOAP);

        $mine = ['was' => $was, 'price' => '3.00', 'note' => 'for school'] + self::SOAP;
        $this->from("/lots/{$lot->id}")
            ->put("/lots/{$lot->id}", $mine)
            ->assertRedirect("/lots/{$lot->id}")
            ->assertSessionHas(
                'meanwhile',
                'Someone else changed pieces (now: 5 for 6.00) after you opened this form. Nothing is saved yet.',
            );
        // Never a mixture: not five pieces for 3.00, and the note waits with the rest.
        self::assertSame([5, 600, null], [$lot->refresh()->pieces, $lot->paid?->minor, $lot->note]);
        $this->get("/lots/{$lot->id}")
            ->assertSee('Save mine')
            ->assertSee('Keep theirs, save the rest')
            ->assertSee('value="3.00"', false);

        $this->put("/lots/{$lot->id}", ['meanwhile' => 'theirs'] + $mine)->assertSessionHasNoErrors();
        self::assertSame([5, 600, 'for school'], [$lot->refresh()->pieces, $lot->paid?->minor, $lot->note]);
        $this->put("/lots/{$lot->id}", ['was' => ChangeLot::prints($lot)] + $mine)->assertSessionHasNoErrors();
        self::assertSame([6, 300], [$lot->refresh()->pieces, $lot->paid?->minor]);
    }

    public function test_a_row_that_was_read_before_someone_changed_it_is_not_written_over_it(): void
    {
        $lot = $this->lot();
        [$one, $other] = [Lot::query()->findOrFail($lot->id), Lot::query()->findOrFail($lot->id)];
        $one->update(['pieces' => 5]);

        $this->expectException(ChangedMeanwhile::class);
        $other->update(['note' => 'late']);
    }

    public function test_two_people_at_one_box_are_told_of_each_other_too(): void
    {
        $box = $this->box();
        $was = ChangeBox::prints($box);
        $form = [
            'was' => $was,
            'band' => '4-7',
            'gender' => 'girl',
            'box_kind' => 'straight-card',
            'theme' => 'Tide pool',
            'colours' => ['#2f8f9d'],
            'sending_gift' => '9.00',
            'budget' => '25.00',
        ];

        $this->put("/boxes/{$box->id}", ['theme' => 'Rock pool'] + $form)->assertSessionHasNoErrors();
        $this->put("/boxes/{$box->id}", ['budget' => '30.00'] + $form)->assertSessionHasNoErrors();
        self::assertSame(['Rock pool', 3000], [$box->refresh()->theme, $box->budget?->minor]);

        $this->from("/boxes/{$box->id}/edit")
            ->put("/boxes/{$box->id}", ['theme' => 'Sea wall'] + $form)
            ->assertSessionHas(
                'meanwhile',
                'Someone else changed the theme (now: Rock pool) after you opened this form. Nothing is saved yet.',
            );
        $this->get("/boxes/{$box->id}/edit")->assertSee('value="Sea wall"', false)->assertSee('Save mine');
        self::assertSame('Rock pool', $box->refresh()->theme);
    }

    public function test_a_number_and_a_stage_that_someone_changed_meanwhile_are_not_written_over(): void
    {
        $box = $this->box();
        $piece = Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot()->id, 'quantity' => 2]);

        $this->patch("/pieces/{$piece->id}", ['quantity' => '5', 'was' => '2'], self::HTMX)->assertOk();
        $this->patch("/pieces/{$piece->id}", ['quantity' => '3', 'was' => '2'], self::HTMX)
            ->assertUnprocessable()
            ->assertSee('it is 5 now. Yours was not saved.');
        self::assertSame(5, $piece->refresh()->quantity);

        $this->put("/boxes/{$box->id}/stage", ['stage' => 'ready', 'was' => 'planned'])->assertSessionHasNoErrors();
        $this->put("/boxes/{$box->id}/stage", [
            'stage' => 'gathering',
            'was' => 'planned',
        ])->assertSessionHasErrors('stage');
        self::assertSame(Stage::Ready, $box->refresh()->stage);
    }

    public function test_a_guide_that_someone_changed_meanwhile_is_not_written_over(): void
    {
        $guide = CrewGuide::factory()->createOne(['crew_id' => $this->crew->id]);
        $form = fn (string $drive): array => [
            'was' => $this->wasOf("/guides/{$guide->slug}/edit"),
            'drive' => $drive,
            'season' => 'Winter',
            'source' => 'A leaflet',
            'dated' => '2026-09-01',
            'sending_gift' => '9.00',
            'bands' => '4-7, 8-12',
            'from' => '12-11',
            'to' => '12-18',
            'place' => 'the hall',
            'needs' => [['name' => 'Soap', 'kinds' => 'Soap', 'count' => ['1', '1']]],
        ];
        [$first, $second] = [$form('Quay drive'), $form('Hill drive')];

        $this->put("/guides/{$guide->slug}", $first)->assertSessionHasNoErrors();
        $this->from("/guides/{$guide->slug}/edit")
            ->put("/guides/{$guide->slug}", $second)
            ->assertSessionHasErrors('guide');
        self::assertSame('Quay drive', $guide->refresh()->data['drive']);
        $this->put("/guides/{$guide->slug}", $form('Hill drive'))->assertSessionHasNoErrors();
    }

    /** @param array<string, mixed> $fields */
    #[DataProvider('forms')]
    public function test_a_form_sent_twice_makes_what_it_makes_once(
        string $address,
        array $fields,
        string $table,
        int $made,
    ): void {
        $this->lot();
        $box = $this->box();
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => null, 'kind' => 'comb', 'quantity' => 1]);
        $at = strtr($address, ['{lot}' => (string) Lot::query()->value('id'), '{box}' => $box->id]);
        $fields = array_map(
            static fn (mixed $value): mixed => $value === '{lot}' ? Lot::query()->value('id') : $value,
            $fields,
        );
        $before = $this->app->make('db')->table($table)->count();

        $answers = array_map(fn () => $this->post($at, ['once' => 'key-1'] + $fields), [1, 2, 3]);
        foreach ($answers as $answer) {
            $answer->assertRedirect()->assertSessionHasNoErrors();
        }
        self::assertSame(
            $made,
            $this->app->make('db')->table($table)->count() - $before,
            'sent three times with one key',
        );
        self::assertSame($answers[0]->headers->get('Location'), $answers[2]->headers->get('Location'));
    }

    /** @return iterable<string, array{string, array<string, mixed>, string, int}> */
    public static function forms(): iterable
    {
        $thing = ['quantity' => '1'] + self::SOAP;
        yield 'a lot' => ['/lots', self::SOAP, 'lots', 1];
        yield 'a receipt' => [
            '/gather/quick',
            [
                'got_on' => '2026-11-08',
                'source' => 'shop',
                'rows' => [['kind' => 'soap', 'paid' => '1.00'], ['kind' => 'comb', 'paid' => '2.00']],
            ],
            'lots',
            2,
        ];
        yield 'something from the shopping list' => [
            '/gather/shopping', ['kind' => 'comb', 'price' => '1.00', 'pieces' => '2', 'place' => ''], 'lots', 1,
        ];
        yield 'a box' => [
            '/boxes',
            [
                'band' => '4-7',
                'gender' => 'girl',
                'box_kind' => 'straight-card',
                'theme' => 'Kite',
                'sending_gift' => '9.00',
            ],
            'boxes',
            1,
        ];
        yield 'a new thing in a box' => ['/boxes/{box}/things', $thing, 'lots', 1];
        yield 'a lot split' => ['/lots/{lot}/split', ['part' => '2'], 'lots', 1];
        yield 'a guide copied' => ['/guides/pellwick-quay/copy', [], 'crew_guides', 1];
        yield 'pieces lost' => ['/lots/{lot}/lose', ['gone' => '1', 'why' => 'broken'], 'lot_changes', 1];
        yield 'something listed to buy' => ['/boxes/{box}/pieces', ['buy' => 'soap', 'quantity' => '2'], 'pieces', 1];
        yield 'a piece picked' => ['/boxes/{box}/pieces', ['lot' => '{lot}', 'quantity' => '2'], 'box_changes', 1];
        yield 'all that the guide asks for' => ['/boxes/{box}/from-guide', [], 'box_changes', 1];
    }

    public function test_a_piece_picked_with_one_key_is_picked_once_also_in_a_part_of_the_page(): void
    {
        [$box, $lot] = [$this->box(), $this->lot()];
        foreach ([1, 2] as $_) {
            $answer = $this->post(
                "/boxes/{$box->id}/pieces",
                ['lot' => $lot->id, 'quantity' => '2', 'once' => 'k'],
                self::HTMX,
            )->assertOk();
        }

        self::assertSame(2, (int) $box->pieces()->sum('quantity'));
        self::assertSaid('That was saved already, once.', $answer);
    }

    public function test_what_was_refused_may_be_sent_again_with_the_same_key(): void
    {
        $this->post('/lots', ['once' => 'k', 'pieces' => '0'] + self::SOAP)->assertSessionHasErrors('pieces');
        $this->post('/lots', ['once' => 'k'] + self::SOAP)->assertSessionHasNoErrors();

        self::assertSame(1, Lot::query()->count());
    }

    public function test_what_was_done_to_a_box_is_told_and_can_be_undone(): void
    {
        [$box, $lot] = [$this->box(), $this->lot()];
        $piece = Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $lot->id, 'quantity' => 2]);
        $undo = fn () => $this->post(
            '/box-changes/'.BoxChange::query()->latest('id')->firstOrFail()->id.'/undo',
        )->assertSessionHasNoErrors();

        $this->patch("/pieces/{$piece->id}", ['quantity' => '4'], self::HTMX);
        $undo();
        self::assertSame(2, $piece->refresh()->quantity);

        $this->delete("/pieces/{$piece->id}", [], self::HTMX);
        self::assertSame(0, $box->pieces()->count());
        $this->get("/boxes/{$box->id}")->assertSee("/lately?box={$box->id}");
        $this->get("/lately?box={$box->id}")
            ->assertSee('What was done to “Tide pool”')
            ->assertSee('Tide pool: taken out: 2 × Soap, pine')
            ->assertSee($this->packer->name);
        $undo();
        self::assertSame(
            [[$piece->id, $lot->id, 2]],
            $box->pieces()
                ->get()
                ->map(static fn (Piece $back): array => [$back->id, $back->lot_id, $back->quantity])
                ->all(),
        );

        $this->put("/boxes/{$box->id}/stage", ['stage' => 'ready']);
        $undo();
        self::assertSame(Stage::Planned, $box->refresh()->stage);

        $this->put("/boxes/{$box->id}", [
            'band' => '8-12',
            'gender' => 'boy',
            'box_kind' => 'straight-card',
            'theme' => 'Kite',
            'sending_gift' => '9.00',
        ])->assertSessionHasNoErrors();
        $undo();
        self::assertSame(['4-7', 'Tide pool'], [$box->refresh()->band, $box->theme]);
    }

    public function test_a_deleted_box_comes_back_with_what_was_in_it(): void
    {
        [$box, $lot] = [$this->box(), $this->lot()];
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $lot->id, 'quantity' => 2]);
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => null, 'kind' => 'comb', 'quantity' => 1]);
        $before = BoxChange::query()->count();

        $this->delete("/boxes/{$box->id}")->assertRedirect('/boxes')->assertSessionHas('undo');
        self::assertSame([0, 6], [Box::query()->count(), $lot->refresh()->stock()->onHand()]);
        $this->get('/boxes')->assertSee('Deleted lately')->assertSee('Tide pool');

        $change = BoxChange::query()->latest('id')->firstOrFail();
        $this->post("/box-changes/{$change->id}/undo")->assertRedirect("/boxes/{$box->id}");
        self::assertSame(
            [4, 3],
            [$lot->refresh()->stock()->onHand(), (int) $box->refresh()->pieces()->sum('quantity')],
        );
        $this->post("/box-changes/{$change->id}/undo")->assertSessionHasErrors('undo');
        $this->get('/boxes')->assertDontSee('Deleted lately');
        self::assertSame($before + 2, BoxChange::query()->count());
    }

    public function test_what_has_gone_into_another_box_meanwhile_is_not_taken_from_it(): void
    {
        [$box, $other, $lot] = [$this->box(), $this->box(), $this->lot('soap', ['pieces' => 3])];
        $piece = Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $lot->id, 'quantity' => 2]);
        $this->delete("/pieces/{$piece->id}", [], self::HTMX);
        $this->post("/boxes/{$other->id}/pieces", ['lot' => $lot->id, 'quantity' => '2'], self::HTMX)->assertOk();

        $change = BoxChange::query()->where('what', 'taken-out')->firstOrFail();
        $this->post("/box-changes/{$change->id}/undo")->assertSessionHasErrors([
            'undo' => 'Only 1 of “Soap, pine” are left; 2 were asked for.',
        ]);
        self::assertSame([0, 2], [$box->pieces()->count(), (int) $other->pieces()->sum('quantity')]);
    }

    public function test_another_crew_undoes_nothing_of_ours(): void
    {
        $box = $this->box();
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'ready']);
        $change = BoxChange::query()->firstOrFail();

        $this->actingAs(\App\Models\User::factory()->createOne());
        $this->post("/box-changes/{$change->id}/undo")->assertNotFound();
    }

    /** @param array<string, mixed> $with */
    #[DataProvider('unlike')]
    public function test_lots_that_differ_in_what_cannot_be_decided_stay_apart(array $with, string $field): void
    {
        [$one, $other] = [$this->lot(), $this->lot('soap', $with)];

        $this->from("/lots/{$one->id}")->post("/lots/{$one->id}/merge", [
            'with' => $other->id,
            'choice' => ['place' => 'this', 'source' => 'this', 'got_on' => 'this'],
        ])
            ->assertSessionHasErrors([
                'with' => "“Soap, pine” and “Soap, pine” cannot be merged: they differ in {$field}.",
            ]);
        self::assertSame(2, Lot::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unlike(): iterable
    {
        yield 'a giver to be thanked' => [['source' => Source::Given, 'place' => 'Ines Alder'], 'giver'];
        yield 'another season' => [['got_on' => '2025-11-08'], 'season'];
        yield 'a size label' => [['size_label' => '6 (110)'], 'size label'];
        yield 'other measures' => [['size' => Size::ofMm(100, 60, 30)], 'length'];
        yield 'what it holds' => [['holds' => ['comb' => 1]], 'what it holds'];
    }

    public function test_a_merge_asks_for_what_differs_keeps_all_else_and_is_undone(): void
    {
        $one = $this->lot('soap', ['tags' => 'pine', 'list' => new Money(400, Currency::of('EUR'))]);
        $other = $this->lot('soap', [
            'name' => 'Soap, fir',
            'pieces' => 4,
            'tags' => 'fir',
            'kept' => 'blue tub',
            'list' => new Money(300, Currency::of('EUR')),
        ]);
        [$both, $single] = [$this->box(), $this->box()];
        Piece::factory()->createOne(['box_id' => $both->id, 'lot_id' => $one->id, 'quantity' => 2]);
        Piece::factory()->createOne(['box_id' => $both->id, 'lot_id' => $other->id, 'quantity' => 1]);
        Piece::factory()->createOne(['box_id' => $single->id, 'lot_id' => $other->id, 'quantity' => 2]);

        $this->post("/lots/{$one->id}/merge", [
            'with' => $other->id,
            'choice' => ['name' => 'this'],
        ])->assertSessionHasErrors(
            ['with' => 'Choose first what is kept of each.'],
        );
        $this->post("/lots/{$one->id}/merge", [
            'with' => $other->id,
            'choice' => ['name' => 'this', 'kept' => 'other'],
        ])->assertSessionHasNoErrors();
        $one->refresh();
        self::assertSame(
            [10, 552, 700, 'Soap, pine', 'blue tub', 'pine, fir'],
            [$one->pieces, $one->paid?->minor, $one->list?->minor, $one->name, $one->kept, $one->tags],
        );

        $this->post(
            '/changes/'.LotChange::query()->where('what', 'merged')->firstOrFail()->id.'/undo',
        )->assertSessionHasNoErrors();
        [$one, $other] = [$one->refresh(), Lot::query()->findOrFail($other->id)];
        self::assertSame(
            [[6, 276, 400, null, 'pine'], [4, 276, 300, 'blue tub', 'fir']],
            array_map(
                static fn (Lot $lot): array => [
                    $lot->pieces, $lot->paid?->minor, $lot->list?->minor, $lot->kept, $lot->tags,
                ],
                [$one, $other],
            ),
        );
        self::assertSame(
            [[2, 1], [0, 2]],
            array_map(
                static fn (Box $box): array => [
                    (int) $box->pieces()->where('lot_id', $one->id)->sum('quantity'),
                    (int) $box->pieces()->where('lot_id', $other->id)->sum('quantity'),
                ],
                [$both, $single],
            ),
        );
    }

    public function test_a_split_is_undone_while_nothing_was_done_with_the_part(): void
    {
        $lot = $this->lot();
        $this->post("/lots/{$lot->id}/split", ['part' => '2']);
        $part = Lot::query()->whereKeyNot($lot->id)->firstOrFail();
        $change = LotChange::query()->where('lot_id', $lot->id)->where('what', 'split')->firstOrFail();
        $piece = Piece::factory()->createOne(['box_id' => $this->box()->id, 'lot_id' => $part->id, 'quantity' => 1]);

        $this->post("/changes/{$change->id}/undo")->assertSessionHasErrors([
            'undo' => 'The part that was split off was changed or put into a box. Undo that first.',
        ]);
        $piece->delete();
        $this->post("/changes/{$change->id}/undo")->assertSessionHasNoErrors();
        self::assertSame([1, 6, 276], [Lot::query()->count(), $lot->refresh()->pieces, $lot->paid?->minor]);
    }

    public function test_only_a_closed_box_is_handed_in(): void
    {
        $box = $this->box();

        $this->put("/boxes/{$box->id}/stage", ['stage' => 'handed-in'])->assertRedirect("/boxes/{$box->id}/closing");
        self::assertSame(Stage::Planned, $box->refresh()->stage);
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'packed']);
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'handed-in']);
        self::assertSame(
            [Stage::HandedIn, '2026-11-18', 2026],
            [$box->refresh()->stage, $box->handed_in_on?->toDateString(), $box->season],
        );
    }

    private function wasOf(string $address): string
    {
        // The menu above has a form of its own that says what was.
        preg_match('/<main.*?name="was" value="([^"]*)"/s', (string) $this->get($address)->getContent(), $was);

        return htmlspecialchars_decode($was[1] ?? '');
    }
}

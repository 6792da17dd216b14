<?php

declare(strict_types=1);

namespace Tests\Feature\Send;

use App\Database\Ddl;
use App\Models\Box;
use App\Models\BoxRecord;
use App\Models\CrewGuide;
use App\Models\Lot;
use App\Models\Piece;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Catalogue;
use Tests\Feature\TestCase;

/** A box that was handed in stays as it was. */
final class RecordsTest extends TestCase
{
    private Box $handedIn;

    private Lot $soap;

    private Piece $piece;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        CrewGuide::factory()->createOne(['crew_id' => $this->crew->id]);
        $this->handedIn = $this->box(['theme' => 'Tide pool', 'guide' => 'our-own', 'stage' => Stage::Packed]);
        // Two of seven for 12.00 are 3.43.
        $this->soap = $this->lot('soap', [
            'name' => 'Pine soap',
            'place' => 'Tuppence Corner',
            'pieces' => 7,
            'paid' => new Money(1200, Currency::of('EUR')),
        ]);
        $this->piece = Piece::factory()->createOne([
            'box_id' => $this->handedIn->id,
            'lot_id' => $this->soap->id,
            'quantity' => 2,
        ]);
        Piece::factory()->createOne([
            'box_id' => $this->handedIn->id,
            'lot_id' => $this->lot('comb', ['name' => 'Blue comb'])->id,
            'quantity' => 1,
        ]);
        $this->put("/boxes/{$this->handedIn->id}/stage", [
            'stage' => 'handed-in',
            'was' => 'packed',
        ])->assertSessionHasNoErrors();
    }

    public function test_whatever_becomes_of_lots_kinds_and_guide_the_record_and_every_page_of_it_stay_the_same(): void
    {
        $before = $this->pages();
        self::assertStringContainsString('3.43', $before['ledger']);
        self::assertStringContainsString(
            'Tuppence Corner, 7 for 12.00',
            preg_replace('/\s+/', ' ', strip_tags($before['ledger'])) ?? '',
        );

        $form = [
            'kind' => 'soap',
            'name' => 'Renamed',
            'pieces' => '9',
            'source' => 'given',
            'place' => 'Ines',
            'price' => '99.00',
            'price_state' => 'paid',
            'got_on' => '2026-10-01',
            'length' => '50',
            'width' => '50',
            'height' => '20',
        ];
        $this->put("/lots/{$this->soap->id}", $form)->assertSessionHasNoErrors();
        self::assertSame(['Renamed', 9900], [$this->soap->refresh()->name, $this->soap->paid?->minor]);
        $this->post("/lots/{$this->soap->id}/split", ['part' => '3'])->assertSessionHasNoErrors();
        $this->changeTheGuide();
        $this->changeTheKinds();
        self::assertSame($before, $this->pages());

        foreach (Lot::query()->get() as $lot) {
            $this->delete("/lots/{$lot->id}")->assertSessionHasNoErrors();
        }
        self::assertSame(0, Lot::query()->count());
        self::assertSame($before, $this->pages());
    }

    /** @param array<string, mixed> $fields */
    #[DataProvider('changes')]
    public function test_nothing_of_it_is_changed(string $method, string $address, array $fields): void
    {
        $before = [$this->handedIn->refresh()->getAttributes(), $this->piece->refresh()->getAttributes()];
        $address = strtr($address, [
            '{box}' => $this->handedIn->id,
            '{piece}' => $this->piece->id,
            '{lot}' => $this->soap->id,
        ]);

        $answer = $this->call(
            $method,
            $address,
            array_map(fn (mixed $value): mixed => $value === '{lot}' ? $this->soap->id : $value, $fields),
        );
        self::assertContains($answer->getStatusCode(), [302, 303, 409, 422]);
        self::assertSame($before, [
            $this->handedIn->refresh()->getAttributes(), $this->piece->refresh()->getAttributes(),
        ]);
        self::assertNotSame(
            '',
            trim((string) json_encode([session('errors'), session('said')]), '[null,]'),
            'It says why.',
        );
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function changes(): iterable
    {
        yield 'moved back' => ['PUT', '/boxes/{box}/stage', ['stage' => 'packed']];
        yield 'edited' => [
            'PUT',
            '/boxes/{box}',
            [
                'band' => '4-7',
                'gender' => 'girl',
                'box_kind' => 'straight-card',
                'theme' => 'Another',
                'sending_gift' => '9.00',
            ],
        ];
        yield 'its form' => ['GET', '/boxes/{box}/edit', []];
        yield 'deleted' => ['DELETE', '/boxes/{box}', []];
        yield 'a piece put in' => ['POST', '/boxes/{box}/pieces', ['lot' => '{lot}', 'quantity' => '1']];
        yield 'a number changed' => ['PATCH', '/pieces/{piece}', ['quantity' => '1']];
        yield 'a piece taken out' => ['DELETE', '/pieces/{piece}', []];
        yield 'a task of a piece ticked' => ['PUT', '/pieces/{piece}/tasks/bag', ['done' => '1']];
        yield 'a task of the box ticked' => ['PUT', '/boxes/{box}/tasks/box-sound', ['done' => '1']];
        yield 'a line of the closing check ticked' => ['PUT', '/boxes/{box}/closing/label', ['done' => '1']];
        yield 'another guide' => ['PUT', '/boxes/{box}/guide', ['guide' => 'harrow-ferry']];
        yield 'another school of packing' => ['PUT', '/boxes/{box}/fit/school', ['school' => 'flats-last']];
    }

    public function test_its_pages_offer_nothing_that_would_be_refused(): void
    {
        $at = "/boxes/{$this->handedIn->id}";
        $this->get("{$at}/prepare")->assertSee('As it was handed in on 18 Nov 2026.');
        foreach (['/prepare', '/closing'] as $page) {
            $ticks = preg_match_all('/<button class="task-tick"/', (string) $this->get($at.$page)->getContent());
            self::assertGreaterThan(3, $ticks);
            self::assertSame(
                $ticks,
                preg_match_all('/<button class="task-tick" disabled/', (string) $this->get($at.$page)->getContent()),
            );
        }
        $this->get("{$at}/closing")->assertSee('As it was handed in on 18 Nov 2026.')->assertDontSee('See the flags');
        $this->get("{$at}/compare")->assertSee('Harrow Ferry Parcel Relay')->assertDontSee('Plan it by this guide');
    }

    public function test_why_it_is_refused_can_be_read(): void
    {
        $at = "/boxes/{$this->handedIn->id}";
        $this->from($at)->followingRedirects()->delete($at)->assertSee('This box was handed in and stays as it was.');
        $this->from("{$at}/prepare")
            ->followingRedirects()
            ->put("{$at}/tasks/box-sound", ['done' => '1', 'from' => 'list'])
            ->assertSee('This box was handed in and stays as it was.');
        $open = $this->box();
        Piece::factory()->createOne(['box_id' => $open->id, 'lot_id' => $this->soap->id, 'quantity' => 1]);
        $this->from("/lots/{$this->soap->id}")
            ->followingRedirects()
            ->delete("/lots/{$this->soap->id}")
            ->assertSee('Some of it is in a box. Take it out there first.');
        $this->from("/boxes/{$open->id}")
            ->followingRedirects()
            ->put("/boxes/{$open->id}/stage", ['stage' => 'gathering', 'was' => 'ready'])
            ->assertSee('Someone changed this meanwhile');
    }

    public function test_what_was_done_before_is_not_undone_under_it(): void
    {
        $box = $this->box(['theme' => 'Second']);
        $this->post("/boxes/{$box->id}/pieces", [
            'lot' => $this->soap->id,
            'quantity' => '1',
        ])->assertSessionHasNoErrors();
        $picked = DB::table('box_changes')->where('box_id', $box->id)->value('id');
        DB::table('boxes')->where('id', $box->id)->update(['stage' => 'packed']);
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'handed-in'])->assertSessionHasNoErrors();

        $this->post("/box-changes/{$picked}/undo")->assertSessionHasErrors();
        self::assertSame(1, $box->pieces()->count());
    }

    public function test_it_is_taken_back_on_purpose_and_that_is_noted(): void
    {
        $this->get("/boxes/{$this->handedIn->id}")
            ->assertSee('Handed in on 18 Nov 2026 by '.$this->packer->name)
            ->assertSee('Take it back')
            ->assertDontSee('Delete this box');
        $this->post("/boxes/{$this->handedIn->id}/take-back")->assertRedirect("/boxes/{$this->handedIn->id}");

        $box = $this->handedIn->refresh();
        self::assertSame([Stage::Packed, null], [$box->stage, $box->handed_in_on]);
        $record = BoxRecord::query()->firstOrFail();
        self::assertSame(
            [$this->packer->name, '2026-11-18'],
            [$record->taken_back_by, $record->taken_back_at?->toDateString()],
        );
        $this->get("/boxes/{$box->id}")->assertSee('Change');
        $this->get("/lately?box={$box->id}")->assertSee('Taken back');
        // No undo hands a box in: that would leave it without a record.
        $this->post(
            '/box-changes/'.DB::table('box_changes')->where('what', 'taken-back')->value('id').'/undo',
        )->assertSessionHasErrors('undo');
        self::assertSame('packed', DB::table('boxes')->where('id', $box->id)->value('stage'));
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'ready'])->assertSessionHasNoErrors();
        $this->post("/boxes/{$box->id}/take-back")->assertSessionHasErrors();

        // Handed in again, it has a record of what it is now; the first is kept.
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'packed']);
        $this->soap->update(['name' => 'Fir soap']);
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'handed-in'])->assertSessionHasNoErrors();
        self::assertSame(
            [true, false],
            array_map(
                static fn (string $record): bool => str_contains($record, 'Pine soap'),
                array_map(strval(...), DB::table('box_records')->orderBy('id')->pluck('record')->all()),
            ),
        );
    }

    public function test_handing_in_by_mistake_is_undone_like_anything_else(): void
    {
        $change = DB::table('box_changes')->where('box_id', $this->handedIn->id)->orderByDesc('id')->value('id');

        $this->post("/box-changes/{$change}/undo")->assertSessionHasNoErrors();
        self::assertSame(Stage::Packed, $this->handedIn->refresh()->stage);
        self::assertNotNull(BoxRecord::query()->firstOrFail()->taken_back_at);
        $this->post("/box-changes/{$change}/undo")->assertSessionHasErrors('undo');
    }

    public function test_a_record_is_written_once(): void
    {
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('what was handed in stays as it was');
        BoxRecord::query()->firstOrFail()->update(['record' => '{}']);
    }

    public function test_a_record_that_cannot_be_read_shows_the_box_as_it_is_now(): void
    {
        Ddl::dropTrigger('box_records_stay', 'box_records');
        DB::table('box_records')->update(['record' => '{"format": "plucky-wren/record@7"}']);

        $this->get("/boxes/{$this->handedIn->id}")->assertOk()->assertSee('Pine soap');
        $this->get('/boxes/handed-in')->assertOk()->assertSee('Tide pool');
    }

    public function test_the_shelf_names_what_was_handed_in_and_brings_how_it_was_once_it_is_looked_at(): void
    {
        $isOfRecord = 'select * from "box_records"';
        DB::enableQueryLog();
        $this->get('/boxes')
            ->assertOk()
            ->assertSee('One box.')
            ->assertSeeInOrder(['Handed in', 'hx-get="'.route('shelf.handed-in').'"', 'Tide pool'], false)
            ->assertDontSee('Closes flat');
        $asked = array_column(DB::getQueryLog(), 'query');
        self::assertSame([], array_filter($asked, static fn (string $sql): bool => str_starts_with($sql, $isOfRecord)));

        $this->get('/boxes/handed-in', ['HX-Request' => 'true'])
            ->assertOk()
            ->assertDontSee('<html', false)
            ->assertSeeInOrder(["/boxes/{$this->handedIn->id}", 'Tide pool', 'Closes flat']);
        $this->get('/boxes/handed-in')->assertOk()->assertSee('<html', false)->assertSee('Back to the shelf');
    }

    /** @return array<string, string> everything that is built on the record, without what differs at every load */
    private function pages(): array
    {
        $pages = [];
        foreach (
            [
                'record' => '/record.json',
                'file' => '/box.json',
                'sheet' => '',
                'ledger' => '/ledger',
                'ledger file' => '/ledger.csv',
                'check sheet' => '/check-sheet',
                'fit' => '/fit',
                'drawing' => '/fit.svg',
            ] as $name => $page
        ) {
            $answer = $this->get("/boxes/{$this->handedIn->id}{$page}")->assertOk();
            $pages[$name] = $this->still(
                $answer->baseResponse instanceof \Symfony\Component\HttpFoundation\StreamedResponse
                    ? $answer->streamedContent()
                    : (string) $answer->getContent(),
            );
        }
        $pages['shelf'] = $this->still((string) $this->get('/boxes')->getContent());
        $pages['on shelf'] = $this->still((string) $this->get('/boxes/handed-in')->getContent());
        $pages['send'] = $this->still((string) $this->get('/send')->getContent());

        return $pages;
    }

    /** The history below tells of lots by the names they have now, and the menu above of today. */
    private function still(string $page): string
    {
        $page = preg_match('/<main.*<\/main>/s', $page, $main) === 1 ? $main[0] : $page;

        return (string) preg_replace(
            [
                '/name="_token" value="\w+"/',
                '/name="once" value="[^"]+"/',
                '/id="[\w-]+-[A-Za-z0-9]{8}"/',
                '/<details[^>]*id="history">.*?<\/details>/s',
            ],
            '',
            $page,
        );
    }

    private function changeTheGuide(): void
    {
        $guide = CrewGuide::query()->firstOrFail();
        $guide->update(['data' => ['drive' => 'Another drive', 'needs' => [], 'flags' => []] + $guide->data]);
        $this->app->make(\App\Reference\Guides::class)->forget();
    }

    /** Soap is a ball of five kilograms now, as it were, and combs are no more. */
    private function changeTheKinds(): void
    {
        $this->app->instance(
            Catalogue::class,
            Catalogue::ofFiles([
                [
                    'category' => 'lead',
                    'kinds' => [
                        [
                            'id' => 'soap',
                            'name' => 'Soap ball',
                            'size' => [150.0, 150.0, 150.0],
                            'form' => 'rigid',
                            'traits' => [],
                            'usual' => [],
                        ],
                    ],
                ],
            ]),
        );
    }
}

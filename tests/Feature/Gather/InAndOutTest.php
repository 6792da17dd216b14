<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Csv\LotReader;
use App\Csv\LotWriter;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\Piece;
use App\Models\User;
use App\Reference\Notations;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Csv\CsvText;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Source;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\TestCase;

final class InAndOutTest extends TestCase
{
    private const FILE = "Item;Qty;Cost;Shop;Bought;Aisle\r\nBar of soap;12;5,52;Pennyroyal "
        ."Parcels;12.08.2026;green\r\nunicorn;1;2,00;;;\r\npencils;72;-3;Mill Lane "
        ."Stores;2026-08-12;\r\n\r\ncomb;0;1;;30.02.2026;\r\nsocks;6;;;;\r\n";

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg(storage_path("app/imports/{$this->crew->id}")));
        parent::tearDown();
    }

    public function test_every_row_is_looked_at_before_any_is_kept(): void
    {
        $address = $this->send(self::FILE);

        $this->get($address)
            ->assertOk()
            ->assertSeeInOrder([
                'Item',
                'Qty',
                'Aisle',
                '2 rows are good.',
                'line 2:',
                '12 ×',
                'Bar of soap',
                '0.46',
                'line 7:',
                '3 rows are not:',
                'line 3:',
                'no kind of thing called “unicorn”',
                'line 4:',
                'An amount cannot be below zero.',
                'line 6:',
                'Of pieces, “0” is no whole number from 1 to 10,000',
                '“30.02.2026” is no day',
            ]);
        self::assertSame(0, Lot::query()->count());
    }

    public function test_a_packaging_without_its_third_side_is_asked_about(): void
    {
        $this->get($this->send("kind,packaged length,packaged width\nball,200,180\ncomb,,\n"))->assertSeeInOrder(
            [
                'One row is good.',
                'line 3:',
                'One row is not:',
                'line 2:',
                'Please give all three sides of its packaging, or none.',
            ],
        );
    }

    public function test_a_long_file_is_counted_whole_and_shown_in_part(): void
    {
        $address = $this->send("kind,pieces\n".str_repeat("soap,6\n", 1200).str_repeat("unicorn,1\n", 70));

        $this->get($address)
            ->assertSeeInOrder([
                '1200 rows are good.',
                'line 2:',
                'line 6:',
                '70 rows are not:',
                'line 1202:',
                'line 1251:',
                'and 20 more',
            ])
            ->assertDontSee('line 7:')
            ->assertDontSee('line 1252:');
    }

    public function test_a_table_in_words_of_its_own_is_understood_and_says_what_it_took_them_for(): void
    {
        $address = $this->send(
            "item name,qty,total price,store,date bought\n\"Soap, bar\",6,3.00,Mill Lane,2026-08-01\n"
                ."T-shirts (boys),3,15.00,Mill Lane,2026-08-01\nSoap,1,0.80,,2026-08-01\n"
                ."Comb holder,1,0.80,,2026-08-01\n",
        );

        $this->get($address)
            ->assertSeeInOrder([
                '3 rows are good.', 'line 2:', 'Soap, bar', 'look whether that is right',
                '“Soap, bar” is: Bar of soap', '“T-shirts (boys)” is: T-shirt', 'line 5:',
                'There is no kind of thing called “Comb holder”.',
            ])
            ->assertDontSee('“Soap” is:');
        $this->post($address)->assertRedirect();
        self::assertSame(
            [['soap', 'Soap', 1, 80], ['soap', 'Soap, bar', 6, 300], ['t-shirt', 'T-shirts (boys)', 3, 1500]],
            Lot::query()->get()->map(
                static fn (Lot $lot): array => [$lot->kind, $lot->name, $lot->pieces, $lot->paid?->minor],
            )->sort()->values()->all(),
        );
    }

    public function test_a_count_in_words_is_said_by_the_name_of_its_column(): void
    {
        $this->get($this->send("kind,pieces\nsoap,two\n"))->assertSee('Of pieces, “two” is no whole number');
    }

    public function test_where_no_column_tells_what_things_are_it_asks_for_that_alone(): void
    {
        $this->get($this->send("Artikel,Anzahl\nSeife,3\n"))
            ->assertSee('Say which column tells what each thing is')
            ->assertDontSee('There is no kind of thing called');
    }

    public function test_that_the_usual_measures_were_taken_by_hand_goes_out_and_comes_in_again(): void
    {
        foreach ([true, false] as $isMeasured) {
            $row = LotWriter::row($this->lot('soap', ['is_measured' => $isMeasured]));
            $read = (new LotReader($this->crew, $this->crew->currency, LotWriter::columns()))->read($row);

            self::assertInstanceOf(Lot::class, $read);
            self::assertSame($isMeasured, $read->is_measured);
        }
    }

    public function test_the_good_rows_are_kept_and_the_same_file_twice_does_not_double_them(): void
    {
        $address = $this->send(self::FILE);
        $this->post($address)->assertRedirect('/gather?sort=newest');
        $this->get('/gather')->assertSee('2 purchases are in the stash. 3 rows were left out.');
        $soap = Lot::query()->where('kind', 'soap')->firstOrFail();
        self::assertSame(
            [12, 552, 'Pennyroyal Parcels', '2026-08-12', 920],
            [$soap->pieces, $soap->paid?->minor, $soap->place, $soap->got_on->toDateString(), $soap->size->length],
        );
        self::assertSame(PriceState::Unknown, Lot::query()->where('kind', 'socks')->firstOrFail()->price_state);

        $this->post($this->send(self::FILE));
        $this->get('/gather')->assertSee('Nothing was new. 2 were there already.');
        self::assertSame(2, Lot::query()->count());
        $this->get($address)->assertNotFound();
    }

    public function test_columns_are_matched_by_hand_where_the_header_says_nothing(): void
    {
        $address = $this->send("A,B,C\nsoap,6,2.76\n");
        $this->get($address)->assertSee('No row can be imported.');
        $as = '?as[0]=kind&as[1]=pieces&as[2]=paid';
        $this->get($address.$as, ['HX-Request' => 'true'])
            ->assertSee('One row is good.')
            ->assertDontSee('<html', false);
        $this->post($address, ['as' => ['kind', 'pieces', 'paid']])->assertRedirect();

        self::assertSame([6, 276], [Lot::query()->firstOrFail()->pieces, Lot::query()->firstOrFail()->paid?->minor]);
    }

    public function test_nothing_may_be_imported_too(): void
    {
        $address = $this->send(self::FILE);
        $this->delete($address)->assertRedirect('/gather');
        $this->get($address)->assertNotFound();
        self::assertSame(0, Lot::query()->count());
    }

    public function test_a_long_file_goes_in_by_chunks_and_says_how_far_it_is(): void
    {
        $address = $this->send(
            "kind,name,pieces,paid\n".implode(
                '',
                array_map(static fn (int $n): string => "soap,Soap {$n},6,2.76\n", range(1, 1200)),
            ),
        );
        $htmx = ['HX-Request' => 'true'];

        $this->post($address, [], $htmx)->assertOk()->assertSee('500 of 1200 rows')->assertSee('value="500"', false);
        $this->post(
            $address,
            ['from' => 500, 'kept' => 500, 'known' => 0, 'bad' => 0],
            $htmx,
        )->assertSee('1000 of 1200 rows');
        $this->post($address, ['from' => 1000, 'kept' => 1000, 'known' => 0, 'bad' => 0], $htmx)->assertHeader(
            'HX-Redirect',
            route('gather', ['sort' => 'newest']),
        );
        self::assertSame(1200, Lot::query()->count());
    }

    public function test_what_is_no_table_is_refused(): void
    {
        foreach (
            [
                '' => 'That is no table of text',
                "only a header\n" => 'That is no table of text',
                "PK\0\1" => 'That is no table of text',
            ] as $bytes => $says
        ) {
            $this->from('/gather/import')
                ->post('/gather/import', ['file' => UploadedFile::fake()->createWithContent('lots.csv', $bytes)])
                ->assertRedirect('/gather/import');
            $this->get('/gather/import')->assertSee($says);
        }
        $this->post('/gather/import')->assertSessionHasErrors(['file' => 'Choose a file first.']);
        $this->post('/gather/import', ['file' => 'text'])->assertSessionHasErrors('file');
    }

    public function test_another_crews_file_is_not_there(): void
    {
        $address = $this->send(self::FILE);
        $this->actingAs(User::factory()->createOne());

        $this->get($address)->assertNotFound();
        $this->post($address)->assertNotFound();
        $this->delete($address)->assertNotFound();
        $this->get('/gather/import/..%2f..%2fx')->assertNotFound();
    }

    public function test_lots_exported_and_imported_into_an_empty_crew_are_equal(): void
    {
        $this->lot('soap', [
            'name' => '=SUM(1), "pine"',
            'list' => new Money(500, Currency::of('EUR')),
            'tags' => 'forest, green',
            'kept' => 'blue tub',
            'note' => "two\nlines",
            'size' => new Size(925, 600, 300),
            'is_measured' => true,
        ]);
        $this->lot('building-set', [
            'colours' => Palette::ofHexes(['#2f8f9d', '#123456']),
            'packaged' => new Size(4000, 2500, 905),
            'is_packaged' => true,
            'pieces' => 5,
            'holds' => ['pencils' => 2, 'comb' => 1],
            'gone' => 2,
            'desk' => 'price=6.40&pieces=10',
        ]);
        $this->lot('washcloth', [
            'source' => Source::Made,
            'materials' => 'cotton',
            'minutes' => 45,
            'due_on' => '2026-12-03',
        ]);
        $this->lot('t-shirt', [
            'size_label' => '7–8',
            'source' => Source::Thrift,
            'traits' => [ItemTrait::Scented],
            'fault' => 'size',
            'fault_end' => 'kept',
        ]);
        $this->lot('comb', ['price_state' => PriceState::Unknown, 'paid' => null, 'place' => null, 'traits' => []]);
        $this->lot('plush-small', [
            'price_state' => PriceState::Free,
            'paid' => null,
            'source' => Source::Given,
            'place' => 'Ines',
        ]);
        $this->lot('letter', ['price_state' => PriceState::Unknown, 'paid' => null, 'source' => Source::Given]);
        $csv = $this->get('/gather/lots.csv')
            ->assertOk()
            ->assertHeader('Content-Type', 'text/csv; charset=utf-8')
            ->streamedContent();
        $ours = $this->plain($this->crew);

        $other = User::factory()->createOne(['crew_id' => Crew::factory()->createOne()->id]);
        $this->actingAs($other);
        $this->post($this->send($csv))->assertRedirect();

        self::assertCount(7, $ours);
        self::assertSame($ours, $this->plain($other->crew));
        exec('rm -rf '.escapeshellarg(storage_path("app/imports/{$other->crew_id}")));
    }

    public function test_the_ledger_and_the_shopping_list_are_exported(): void
    {
        $box = $this->box(['theme' => 'Tide pool']);
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot()->id, 'quantity' => 2]);

        $ledger = $this->get("/boxes/{$box->id}/ledger.csv")->streamedContent();
        self::assertStringContainsString("\"Soap, pine\",care,Tuppence Corner,2,0.46,0.92,0.92\r\n", $ledger);
        self::assertStringContainsString("sending gift,,,1,9.00,9.00,9.92\r\n", $ledger);
        self::assertStringContainsString(
            "Pencil,5,5,0,yes,Tide pool\r\n",
            $this->get('/gather/shopping.csv')->streamedContent(),
        );
    }

    /** What is written in any currency and any way of writing figures is read back, by whoever brings it in. */
    public function test_amounts_survive_going_out_and_coming_in_in_every_currency_and_notation(): void
    {
        foreach (['EUR', 'JPY', 'KWD'] as $code) {
            foreach (Notations::LOCALES as $locale) {
                $from = User::factory()->createOne([
                    'crew_id' => Crew::factory()->createOne([
                        'currency' => Currency::of($code),
                        'locale' => $locale,
                    ])->id,
                ]);
                $minors = [1, 999, 1000, 1250, 12345, 1_234_567];
                foreach ($minors as $minor) {
                    Lot::factory()->createOne([
                        'crew_id' => $from->crew_id,
                        'currency' => $code,
                        'paid' => new Money($minor, Currency::of($code)),
                        'list' => new Money(2 * $minor, Currency::of($code)),
                    ]);
                }
                $this->app->forgetScopedInstances();
                $csv = $this->actingAs($from)->get('/gather/lots.csv')->streamedContent();
                $to = User::factory()->createOne([
                    'crew_id' => Crew::factory()->createOne([
                        'currency' => Currency::of($code),
                        'locale' => $locale,
                    ])->id,
                ]);
                $this->actingAs($to)->post($this->send($csv))->assertRedirect();
                $read = Lot::query()
                    ->get()
                    ->map(static fn (Lot $lot): array => [$lot->paid?->minor, $lot->list?->minor])
                    ->sort()
                    ->values()
                    ->all();

                self::assertSame(
                    array_map(static fn (int $minor): array => [$minor, 2 * $minor], $minors),
                    $read,
                    "{$code} {$locale}",
                );
            }
        }
    }

    public function test_a_column_called_price_that_holds_amounts_is_asked_about_before_its_money_is_lost(): void
    {
        $address = $this->send("kind,pieces,Price\nsoap,6,2.76\ncomb,2,1.50\n");

        $this->get($address)->assertSee('The column “Price” holds amounts.')->assertDontSee('Import the');
        $this->get("{$address}?as[0]=kind&as[1]=pieces&as[2]=each")
            ->assertDontSee('holds amounts')
            ->assertSee('Import the 2 good rows');
        $this->post($address, ['as' => ['kind', 'pieces', 'each']])->assertRedirect();
        // 2.76 for one of six, 1.50 for one of two.
        self::assertSame(
            [300, 1656],
            Lot::query()->get()->map(static fn (Lot $lot): ?int => $lot->paid?->minor)->sort()->values()->all(),
        );
    }

    public function test_what_went_out_comes_into_the_same_stash_once(): void
    {
        $this->lot();
        $this->lot('comb');
        $csv = $this->get('/gather/lots.csv')->streamedContent();

        $this->post($this->send($csv))->assertRedirect();
        self::assertSame(2, Lot::query()->count());
    }

    public function test_a_second_press_says_what_was_done_and_the_whole_of_it_can_be_taken_back(): void
    {
        $address = $this->send("kind,pieces,paid\nsoap,6,2.76\ncomb,2,1.50\neraser,3,0.90\n");
        $this->post($address)->assertSessionHas('undo');
        $this->post($address)
            ->assertRedirect()
            ->assertSessionHas(
                'said',
                fn (string $said): bool => str_starts_with($said, 'This file was imported already. 3'),
            );
        self::assertSame(3, Lot::query()->count());

        $soap = Lot::query()->where('kind', 'soap')->firstOrFail();
        Piece::factory()->createOne(['box_id' => $this->box()->id, 'lot_id' => $soap->id]);
        Lot::query()->where('kind', 'comb')->firstOrFail()->update(['note' => 'counted']);
        $this->post("{$address}/undo")->assertSessionHas(
            'said',
            'One row of the import is undone. 2 stay, as they were changed or put into boxes since.',
        );
        self::assertSame(['comb', 'soap'], Lot::query()->pluck('kind')->sort()->values()->all());
    }

    public function test_a_row_in_another_currency_is_refused(): void
    {
        $address = $this->send("kind,paid,currency\nsoap,2.76,USD\ncomb,1.50,eur\n");

        $this->get($address)
            ->assertSee('This row is in USD; your stash is kept in EUR.')
            ->assertSee('One row is good.');
    }

    public function test_two_megabytes_of_nothing_take_no_memory(): void
    {
        $before = memory_get_peak_usage(true);
        $rows = CsvText::read(str_repeat("\n", 1_900_000), 20_002);

        self::assertCount(20_002, $rows);
        self::assertLessThan(64 * 1024 * 1024, memory_get_peak_usage(true) - $before);
        $this->from('/gather/import')
            ->post('/gather/import', [
                'file' => UploadedFile::fake()->createWithContent('lots.csv', str_repeat("\n", 500_000)),
            ])
            ->assertSessionHasErrors('file');
    }

    private function send(string $bytes): string
    {
        /** @var TestResponse<Response> $answer */
        $answer = $this->post('/gather/import', [
            'file' => UploadedFile::fake()->createWithContent('lots.csv', $bytes),
        ]);

        return (string) parse_url((string) $answer->assertRedirect()->headers->get('Location'), PHP_URL_PATH);
    }

    /** @return list<array<string, mixed>> a crew's lots without what is the crew's own */
    private function plain(Crew $crew): array
    {
        $without = array_flip(['id', 'crew_id', 'created_at', 'updated_at', 'import_key', 'import_id', 'set_aside']);

        return array_values(
            Lot::query()
                ->withoutGlobalScopes()
                ->where('crew_id', $crew->id)
                ->get()
                ->sortBy('kind')
                ->map(static fn (Lot $lot): array => array_diff_key($lot->getAttributes(), $without))
                ->all(),
        );
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\Ddl;
use App\Models\CrewGuide;
use App\Models\FitResult;
use App\Models\Lot;
use App\Models\Piece;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Box\Stage;

/**
 * What is broken is refused where it comes in; what is broken all the same is shown so in its own place, and every
 * other page goes on.
 */
final class BrokenTest extends TestCase
{
    private const PAGES = [
        '/boxes',
        '/gather',
        '/gather/shopping',
        '/gather/money',
        '/pack',
        '/pack/evening',
        '/send',
        '/guides',
        '/gather/quick',
        '/gather/price-desk',
        '/gather/pocket',
        '/find?q=soap',
        '/boxes/new',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    /** @param callable(array<string, mixed>): array<string, mixed> $break */
    #[DataProvider('guides')]
    public function test_a_guide_that_no_page_could_show_is_refused_with_its_fault(callable $break, string $says): void
    {
        $data = json_decode(
            (string) file_get_contents(base_path('data/guides/pellwick-quay.json')),
            true,
            16,
            JSON_THROW_ON_ERROR,
        );
        $file = UploadedFile::fake()->createWithContent('guide.json', json_encode($break($data), JSON_THROW_ON_ERROR));

        $this->from('/guides')->post('/guides/import', ['file' => $file])->assertRedirect('/guides');
        $errors = session('errors');
        self::assertInstanceOf(\Illuminate\Support\ViewErrorBag::class, $errors);
        self::assertStringContainsString($says, $errors->first('file'));
        self::assertSame(0, CrewGuide::query()->count());
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string}> */
    public static function guides(): iterable
    {
        yield 'a month that is none' => [
            static fn (array $data): array => ['handIn' => ['to' => '18-12'] + $data['handIn']] + $data,
            '“18-12” is no day of every year',
        ];
        yield 'a leap day' => [
            static fn (array $data): array => ['handIn' => ['to' => '02-29'] + $data['handIn']] + $data,
            'no day of every year',
        ];
        yield 'a place that closes never' => [
            static fn (array $data): array => [
                'handIn' => ['places' => [['name' => 'hall', 'closes' => '11-31']]] + $data['handIn'],
            ] + $data,
            'no day of every year',
        ];
        yield 'a gift beyond all gifts' => [
            static fn (array $data): array => ['sendingGift' => '10000001'] + $data,
            'sendingGift is wrong',
        ];
        yield 'half a yen' => [
            static fn (array $data): array => ['currency' => 'JPY', 'sendingGift' => '7.50'] + $data,
            'more decimals than JPY',
        ];
        yield 'a count beyond counting' => [
            static fn (array $data): array => ['needs' => [['count' => ['4-7' => 1e30]] + $data['needs'][0]]] + $data,
            'needs[0].count.4-7 is wrong: that is more than anyone packs',
        ];
        yield 'a day of no calendar' => [
            static fn (array $data): array => ['dated' => '2026-02-30'] + $data,
            'dated is wrong: there is no such day',
        ];
        yield 'a pattern is told by an example' => [
            static fn (array $data): array => ['bands' => ['four to seven']] + $data,
            'write an age group from and to, like 4-7',
        ];
        yield 'the same need twice' => [
            static fn (array $data): array => ['needs' => [$data['needs'][0], $data['needs'][0]]] + $data,
            'needs names the same need twice',
        ];
    }

    public function test_a_box_whose_guide_is_gone_says_so_and_every_other_page_goes_on(): void
    {
        $box = $this->box(['guide' => 'once-was']);
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot()->id]);

        $this->everyPageIsShown();
        $this->get("/boxes/{$box->id}")
            ->assertOk()
            ->assertSee('The guide of this box is gone or cannot be read, so nothing was checked.');
        foreach (['edit', 'closing', 'fit', 'ledger', 'prepare', 'check-sheet', 'compare', 'box.json'] as $page) {
            $this->get("/boxes/{$box->id}/{$page}")->assertOk();
        }
    }

    public function test_a_guide_that_can_no_longer_be_read_is_as_good_as_gone(): void
    {
        $guide = CrewGuide::factory()->createOne(['crew_id' => $this->crew->id]);
        DB::table('crew_guides')
            ->where('id', $guide->id)
            ->update([
                'data' => json_encode(
                    ['handIn' => ['from' => '31-31', 'to' => '18-12', 'place' => 'x']] + $guide->data,
                ),
            ]);
        $box = $this->box(['guide' => $guide->slug]);
        $this->crew->update(['guide' => $guide->slug]);

        $this->everyPageIsShown();
        $this->get("/boxes/{$box->id}")->assertOk()->assertSee('nothing was checked');
    }

    public function test_retired_kinds_and_box_kinds_are_shown_as_such(): void
    {
        $lot = $this->lot();
        DB::table('lots')->where('id', $lot->id)->update(['kind' => 'gramophone']);
        $box = $this->box(['box_kind' => 'hat-box']);
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $lot->id]);
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => null, 'kind' => 'zeppelin', 'quantity' => 1]);

        $this->everyPageIsShown();
        $this->get("/boxes/{$box->id}")
            ->assertOk()
            ->assertSee('retired box kind “hat-box”')
            ->assertSee('Retired kind “zeppelin”');
        $this->get("/lots/{$lot->id}")->assertOk()->assertSee('Retired kind “gramophone”');
        $this->get("/boxes/{$box->id}/fit")->assertOk();
        $this->get('/gather/lots.csv')->assertOk();
    }

    public function test_a_packing_that_can_no_longer_be_read_is_found_again(): void
    {
        $box = $this->box();
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot()->id]);
        $this->get("/boxes/{$box->id}")->assertSee('Closes flat');
        foreach (
            [
                '{"format":"other"}',
                '{"format":"plucky-wren/fit-result@1","placements":[{"id":"stranger","step":1,"in":null,'
                    .'"how":"flat","angle":0,"parts":[{"x":0,"y":0,"z":0,"l":1,"w":1,"h":1}]}],"left_out":[],'
                    .'"closure":{"verdict":"flat","bands":1,"proud_mm":0,"press":0,"dome_mm":0}}',
            ] as $bad
        ) {
            DB::table('fit_results')->update(['result' => $bad]);
            $this->everyPageIsShown();
            $this->get("/boxes/{$box->id}")->assertOk()->assertSee('Closes flat');
            self::assertNotSame($bad, FitResult::query()->firstOrFail()->result);
        }
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('boxFiles')]
    public function test_a_box_file_that_cannot_be_is_refused_in_words(array $change, string $says): void
    {
        $box = $this->box();
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => null, 'kind' => 'comb', 'quantity' => 60]);
        $data = json_decode(
            (string) $this->get("/boxes/{$box->id}/box.json")->getContent(),
            true,
            16,
            JSON_THROW_ON_ERROR,
        );
        if (isset($change['pieces'])) {
            $change['pieces'] = [['id' => 'a'] + $data['pieces'][0], ['id' => 'b'] + $data['pieces'][0]];
        }
        $file = UploadedFile::fake()->createWithContent('box.json', json_encode($change + $data, JSON_THROW_ON_ERROR));

        $this->from('/boxes')->post('/boxes/import', ['file' => $file])->assertRedirect('/boxes');
        $errors = session('errors');
        self::assertInstanceOf(\Illuminate\Support\ViewErrorBag::class, $errors);
        self::assertStringContainsString($says, $errors->first('file'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function boxFiles(): iterable
    {
        yield 'a budget of nothing' => [['budget' => '0.00'], 'budget must be more than nothing'];
        yield 'over a hundred of one kind' => [['pieces' => true], 'A box holds at most 100 of one thing.'];
        yield 'a box of two metres' => [
            ['box' => ['kind' => 'own', 'length' => 2000, 'width' => 2000, 'height' => 2000]],
            'is no side of a gift box: from 40 to 600 mm',
        ];
    }

    public function test_a_measured_box_that_no_box_is_asks_for_the_unit(): void
    {
        $form = [
            'band' => '4-7',
            'gender' => 'girl',
            'box_kind' => 'own',
            'theme' => 'Kite',
            'sending_gift' => '9.00',
            'length' => '12.5',
            'width' => '7.75',
            'height' => '4.5',
        ];

        $this->post('/boxes', $form)->assertSessionHasErrors([
            'length' => 'A gift box is from 4 to 60 cm on each side, and 12.5 without a unit is millimetres. Write '
                .'“12.5 cm” or “12.5 in” if that is meant.',
        ]);
        $this->post(
            '/boxes',
            ['length' => '12.5 in', 'width' => '7.75 in', 'height' => '4.5 in'] + $form,
        )->assertSessionHasNoErrors();
        $this->post(
            '/boxes',
            ['length' => '2000', 'width' => '2000', 'height' => '2000'] + $form,
        )->assertSessionHasErrors('length');
    }

    public function test_a_box_holds_no_more_than_any_box_does(): void
    {
        $box = $this->box();
        foreach (['soap', 'comb'] as $kind) {
            Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => null, 'kind' => $kind, 'quantity' => 100]);
        }
        $answer = $this->post(
            "/boxes/{$box->id}/pieces",
            ['buy' => 'eraser', 'quantity' => '51'],
            ['HX-Request' => 'true'],
        )->assertUnprocessable();

        self::assertSaid('A box holds at most 250 pieces in all.', $answer);
    }

    public function test_planning_a_box_and_listing_from_the_guide_is_all_or_nothing(): void
    {
        Ddl::run(
            "CREATE TRIGGER no_pieces BEFORE INSERT ON pieces BEGIN SELECT RAISE(ABORT, 'the disk tips over'); END;",
        );
        try {
            $this->post('/boxes', [
                'band' => '4-7',
                'gender' => 'girl',
                'box_kind' => 'straight-card',
                'theme' => 'Kite',
                'sending_gift' => '9.00',
                'from_guide' => '1',
            ])->assertServerError();
        } finally {
            Ddl::dropTrigger('no_pieces', 'pieces');
        }

        self::assertSame(0, \App\Models\Box::query()->count());
    }

    private function everyPageIsShown(): void
    {
        foreach (self::PAGES as $page) {
            $this->get($page)->assertOk();
        }
        foreach (Stage::cases() as $stage) {
            DB::table('boxes')->update(['stage' => $stage->value]);
            $this->get('/boxes')->assertOk();
            $this->get('/send')->assertOk();
            $this->get('/pack')->assertOk();
        }
        DB::table('boxes')->update(['stage' => 'planned']);
        Lot::query()->get();
    }
}

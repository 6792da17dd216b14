<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use Tests\Feature\TestCase;

/** What belongs to which season, what day it is where the crew lives, and sums that stay sums however much there is. */
final class SeasonsTest extends TestCase
{
    private const SOAP = [
        'kind' => 'soap',
        'name' => 'Soap',
        'price' => '2.76',
        'pieces' => '6',
        'source' => 'shop',
        'length' => '92',
        'width' => '60',
        'height' => '30',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_gifts_of_earlier_seasons_count_in_theirs_alone(): void
    {
        $this->box(['stage' => Stage::HandedIn, 'season' => 2025]);
        $this->box(['stage' => Stage::HandedIn, 'season' => 2025]);
        $this->box(['stage' => Stage::HandedIn, 'season' => 2026]);
        $this->lot('soap', ['got_on' => '2025-11-01']);

        $this->get('/gather/money')->assertSeeInOrder(['The season’s money', 'Spent', '9.00']);
        // Two gifts of 9.00 and six bars for 2.76.
        $this->get('/gather/money?season=2025')
            ->assertSeeInOrder(['The money of season 2025', '19 Dec 2024 to 18 Dec 2025', 'Spent', '20.76'])
            ->assertDontSee('Promised')
            ->assertDontSee('Season’s budget');
        $this->get('/gather/money')->assertSee('season=2025');
    }

    public function test_on_the_first_day_of_a_new_season_nothing_is_spent(): void
    {
        $this->box(['stage' => Stage::HandedIn, 'season' => 2026]);
        $this->lot();
        CarbonImmutable::setTestNow('2026-12-19 10:00');

        $this->get('/gather/money')->assertSeeInOrder(['19 Dec 2026 to 18 Dec 2027', 'Spent', '0.00']);
    }

    public function test_what_was_paid_is_in_boxes_left_or_gone_to_the_last_cent(): void
    {
        // 10.00 for seven: four in boxes, one gone, two left are 5.714…, 1.428…, 2.857…
        $lot = $this->lot('soap', ['pieces' => 7, 'gone' => 1, 'paid' => new Money(1000, Currency::of('EUR'))]);
        Piece::factory()->createOne(['box_id' => $this->box()->id, 'lot_id' => $lot->id, 'quantity' => 4]);

        $this->get('/gather/money')->assertSee(
            'Of 10.00 paid for things, 5.71 are in boxes, 2.86 are left in the stash, and 1.43 are gone.',
        );
    }

    public function test_a_printed_ledger_adds_up_as_it_is_printed(): void
    {
        $box = $this->box();
        // Three times a third of 1.00: 0.34, 0.33 and 0.33, never 0.33 three times under a sum of 1.00.
        foreach (range(1, 3) as $_) {
            $lot = $this->lot('soap', ['pieces' => 3, 'paid' => new Money(100, Currency::of('EUR'))]);
            Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $lot->id, 'quantity' => 1]);
        }

        $this->get("/boxes/{$box->id}/ledger")->assertSeeInOrder([
            '0.34', '0.34', '0.33', '0.67', '0.33', '1.00', 'Shipping gift', '10.00',
        ]);
    }

    public function test_a_new_box_and_a_handed_in_one_know_their_season(): void
    {
        CarbonImmutable::setTestNow('2026-12-20 10:00');
        $this->post('/boxes', [
            'band' => '4-7',
            'gender' => 'girl',
            'box_kind' => 'straight-card',
            'theme' => 'Kite',
            'sending_gift' => '9.00',
        ]);
        $new = Box::query()->firstOrFail();
        $late = $this->box(['stage' => Stage::Packed]);
        $this->put("/boxes/{$late->id}/stage", ['stage' => 'handed-in']);

        self::assertSame([2027, 2026], [$new->season, $late->refresh()->season]);
    }

    #[DataProvider('places')]
    public function test_today_is_the_day_where_the_crew_lives(
        string $zone,
        string $utc,
        string $today,
        string $tomorrow,
    ): void {
        $this->crew->update(['time_zone' => $zone]);
        CarbonImmutable::setTestNow(CarbonImmutable::parse($utc, 'UTC'));

        $this->post('/lots', ['got_on' => $tomorrow] + self::SOAP)->assertSessionHasErrors('got_on');
        $this->post('/lots', ['got_on' => $today] + self::SOAP)->assertSessionHasNoErrors();
        $this->get('/lots/new?kind=soap')->assertSee("value=\"{$today}\"", false);
        self::assertSame(
            [$today],
            Lot::query()->get()->map(static fn (Lot $lot): string => $lot->got_on->toDateString())->all(),
        );
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function places(): iterable
    {
        yield 'New Zealand is a day ahead' => ['Pacific/Auckland', '2026-11-18 12:00', '2026-11-19', '2026-11-20'];
        yield 'the west of America is a day behind' => [
            'America/Los_Angeles', '2026-11-18 03:00', '2026-11-17', '2026-11-18',
        ];
        yield 'Greenwich' => ['UTC', '2026-11-18 23:59', '2026-11-18', '2026-11-19'];
    }

    public function test_a_crew_says_where_it_is(): void
    {
        $this->get('/settings')->assertOk()->assertSee('Pacific/Auckland');
        $this->put('/settings/time-zone', ['time_zone' => 'Pacific/Auckland'])->assertRedirect('/settings');
        self::assertSame('Pacific/Auckland', $this->crew->refresh()->time_zone);
        $this->put('/settings/time-zone', ['time_zone' => 'Mars/Olympus'])->assertSessionHasErrors('time_zone');
    }

    public function test_the_budget_that_someone_changed_meanwhile_is_not_written_over(): void
    {
        $this->put('/gather/money', ['budget' => '40', 'was' => ''])->assertSessionHasNoErrors();
        $this->put('/gather/money', ['budget' => '50', 'was' => ''])->assertSessionHasErrors([
            'budget' => 'Someone changed this meanwhile: it is 40.00 now. Yours was not saved.',
        ]);
        self::assertSame(4000, $this->crew->refresh()->season_budget?->minor);
        $this->get('/gather/money')->assertSee('name="was" value="4000"', false);
        $this->put('/gather/money', ['budget' => '50', 'was' => '4000'])->assertSessionHasNoErrors();
        $this->get('/gather/money')->assertSee('name="was" value="5000"', false);
    }

    public function test_the_money_page_asks_as_much_of_the_database_for_many_lots_as_for_few(): void
    {
        $this->lot();
        $few = $this->queries('/gather/money');
        $row = (array) DB::table('lots')->first();
        foreach (array_chunk(range(1, 3000), 200) as $chunk) {
            DB::table('lots')->insert(
                array_map(static fn (int $number): array => ['id' => sprintf('lot-%05d', $number)] + $row, $chunk),
            );
        }

        self::assertLessThanOrEqual($few + 1, $this->queries('/gather/money'));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Send;

use App\Models\Crew;
use App\Models\CrewGuide;
use App\Models\CrewSeason;
use App\Models\Evening;
use App\Models\Piece;
use App\Models\TargetPrice;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Source;
use Tests\Feature\TestCase;

/** Where in the year the crew is, what it has set itself, and the step into the next season. */
final class SeasonTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-27 10:00');
        $this->actingAs($this->packer);
    }

    public function test_it_tells_where_in_the_year_we_are_and_whether_it_will_be_enough(): void
    {
        foreach (range(1, 7) as $number) {
            $box = $this->box(['number' => $number, 'stage' => Stage::Ready, 'season' => 2026]);
            // Four weeks of packing: seven boxes in 28 days.
            $this->travelTo('2026-11-'.($number * 3 - 1).' 20:00');
            $this->put("/boxes/{$box->id}/stage", ['stage' => 'packed', 'was' => 'ready'])->assertSessionHasNoErrors();
        }
        $this->travelTo('2026-11-27 10:00');

        $this->get('/season')->assertOk()
            ->assertSeeInOrder(['Season 2026', 'From 19 Dec 2025 to 18 Dec 2026', 'Time to pack'])
            // 22 days are left: 7 / 26 days since the first × 22 are 5.9 more.
            ->assertSee('7 boxes have their lids on.')->assertSee('22 days are left, with today.')
            ->assertSee('As it went lately there will be 12 boxes.')
            ->assertSee('Set yourself a number of boxes');
        $this->put('/season/goals', ['goals' => ['2-3' => '', '4-7' => '10', '8-12' => '10', '20-30' => '99']])
            ->assertSessionHas('said', 'The goal is saved.');
        // 13 to go in 22 days are 4.1 a week.
        $this->get('/season')->assertSee('At this pace 12 of 20 boxes.')->assertSee('To reach 20, 5 boxes a week.');
        $this->put('/season/goals', ['goals' => ['4-7' => '7']]);
        $this->get('/season')->assertSee('All 7 are reached.');
        $this->put('/season/goals', ['goals' => ['4-7' => 'many', '8-12' => '-1']])
            ->assertSessionHasErrors(['goals.4-7' => 'A whole number from 0 to 5000, please.', 'goals.8-12']);
        self::assertSame(['4-7' => 7], CrewSeason::query()->firstOrFail()->goals);
    }

    public function test_it_tells_what_is_cheap_this_month_by_the_crew_s_own_history(): void
    {
        $eur = Currency::of('EUR');
        foreach (
            [['2025-11-02', 100], ['2024-11-20', 140], ['2026-03-01', 300], ['2025-06-01', 340]] as [$day, $minor]
        ) {
            $this->lot(
                'comb',
                ['got_on' => $day, 'pieces' => 4, 'paid' => new Money($minor, $eur), 'source' => Source::Shop],
            );
        }
        // What was given tells nothing of the shops.
        $this->lot(
            'comb',
            ['got_on' => '2025-11-03', 'pieces' => 400, 'paid' => new Money(1, $eur), 'source' => Source::Given],
        );

        $this->get('/season')->assertOk()
            ->assertSeeInOrder(['Cheap in November', 'Comb', 'you paid 0.30 a piece in this month, else 0.80']);
        $this->get('/send/dates')->assertSee('Usually cheap now: comb');
    }

    public function test_packing_evenings_are_settled_told_by_the_crew_s_clock_and_taken_out(): void
    {
        $this->crew->update(['time_zone' => 'Europe/Berlin']);
        $typed = ['day' => '2026-11-30', 'begins' => '18:30', 'ends' => '21:00', 'place' => ' Wharf Lane 4 '];
        $this->post('/season/evenings', $typed)->assertSessionHas('said', 'The evening is in the calendar.');

        $this->get('/season')->assertSee('Mon, 30 Nov, 18:30 to 21:00')->assertSee('Wharf Lane 4');
        $this->get('/send/dates')->assertSee('Packing evening at Wharf Lane 4, 18:30 to 21:00');
        // Half past six in the evening there is half past five by universal time.
        $calendar = (string) $this->get('/send/dates.ics')->getContent();
        self::assertStringContainsString('DTSTART:20261130T173000Z', $calendar);
        self::assertStringContainsString('DTEND:20261130T200000Z', $calendar);

        foreach ([
            ['day' => '2026-11-26'], ['day' => 'soon'], ['begins' => '6 pm'], ['ends' => '18:30'], [
                'place' => str_repeat('x', 121),
            ],
        ] as $wrong) {
            $this->post('/season/evenings', [...$typed, ...$wrong])->assertSessionHasErrors(array_key_first($wrong));
        }
        $evening = Evening::query()->firstOrFail();
        $this->delete("/season/evenings/{$evening->id}")->assertSessionHas('said', 'The evening is taken out.');
        self::assertSame(0, Evening::query()->count());
    }

    public function test_the_next_season_is_begun_in_one_act(): void
    {
        $eur = Currency::of('EUR');
        $this->crew->update(['season_budget' => new Money(42000, $eur)]);
        foreach (['soap' => 42, 'comb' => 20, 'notebook' => 75] as $kind => $minor) {
            TargetPrice::query()->create(
                ['crew_id' => $this->crew->id, 'kind' => $kind, 'target' => new Money($minor, $eur)],
            );
        }
        $this->lot(
            'soap',
            ['got_on' => '2026-03-01', 'pieces' => 10, 'paid' => new Money(388, $eur), 'source' => Source::Shop],
        );
        $this->lot(
            'comb',
            ['got_on' => '2026-03-01', 'pieces' => 10, 'paid' => new Money(250, $eur), 'source' => Source::Shop],
        );
        $open = $this->box(['number' => 2, 'theme' => 'Kite hill', 'season' => 2026]);
        $gone = $this->box(['number' => 1, 'season' => 2026, 'band' => '4-7', 'stage' => Stage::Packed]);
        Piece::factory()->createOne(['box_id' => $gone->id, 'lot_id' => $this->lot('eraser')->id, 'quantity' => 1]);
        $this->put("/boxes/{$gone->id}/stage", ['stage' => 'handed-in', 'was' => 'packed']);

        $this->get('/season/next')->assertOk()
            ->assertSee('Begin season 2027')->assertSee('one handed in last time')->assertSee('value="420.00"', false)
            ->assertSee('aimed at 0.42, paid 0.388 on average: from now on 0.39')
            ->assertSee('aimed at 0.20, paid 0.25 on average: from now on 0.25')
            ->assertDontSee('aimed at 0.75')
            ->assertSee('One box is still open; it becomes one of the new season.');
        self::assertSame(0, CrewSeason::query()->count());

        $this->post('/season/next', [
            'goals' => ['4-7' => '12', '8-12' => '20'], 'budget' => '500', 'copy_guide' => '1',
            'targets' => ['soap', 'no-such-kind'],
        ])->assertRedirect('/season')->assertSessionHas('said', 'Season 2027 is begun.');

        $season = CrewSeason::query()->where('year', 2027)->firstOrFail();
        self::assertEquals(['4-7' => 12, '8-12' => 20], $season->goals);
        self::assertSame('2026-11-27', $season->started_on?->toDateString());
        self::assertEquals(
            ['soap' => 39, 'comb' => 20, 'notebook' => 75],
            TargetPrice::query()->pluck('target_minor', 'kind')->all(),
        );
        $crew = $this->crew->refresh();
        self::assertSame([50000, 'pellwick-quay-2027'], [$crew->season_budget?->minor, $crew->guide]);
        self::assertSame('season 2027', CrewGuide::query()->firstOrFail()->data['season']);
        self::assertSame([2027, 2026], [$open->refresh()->season, $gone->refresh()->season]);
        self::assertSame('pellwick-quay', $open->guide);
        // It is begun once.
        $this->get('/season/next')->assertSee('Season 2027 was begun on 27 Nov 2026');
        $this->post('/season/next', ['copy_guide' => '1'])->assertSessionHasErrors('season');
        self::assertSame(1, CrewGuide::query()->count());
        $this->get('/season')->assertSee('The next season is begun.');
    }

    public function test_what_cannot_be_read_begins_nothing(): void
    {
        $this->post('/season/next', ['goals' => ['4-7' => 'x'], 'budget' => 'much', 'copy_guide' => '1'])
            ->assertSessionHasErrors(['goals.4-7', 'budget']);
        self::assertSame([0, 0], [CrewSeason::query()->count(), CrewGuide::query()->count()]);
    }

    public function test_in_spring_the_season_that_began_is_the_one_to_begin_and_others_see_their_own(): void
    {
        $this->travelTo('2027-02-01 10:00');
        $this->get('/season/next')->assertSee('Begin season 2027');
        $this->travelTo('2027-09-01 10:00');
        $this->get('/season/next')->assertSee('Begin season 2028');
        $others = Crew::factory()->createOne();
        foreach ([$this->crew->id => 64, $others->id => 77] as $crew => $goal) {
            foreach ([2027, 2028] as $year) {
                CrewSeason::query()->create(
                    ['crew_id' => $crew, 'year' => $year, 'goals' => ['4-7' => $goal], 'by' => 'Ines'],
                );
            }
        }
        $this->get('/season')->assertSee('value="64"', false)->assertDontSee('value="77"', false);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Send;

use App\Models\Crew;
use App\Models\Lot;
use Illuminate\Auth\AuthManager;
use Tests\Feature\TestCase;
use Tests\Support\Run;

/** The year as dates: on its page, as a file, and at an address without a session. */
final class DatesTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-20 23:30');
        $this->crew->update(['name' => 'Wharf Lane crew']);
        $this->actingAs($this->packer);
        $this->lot('soap', ['name' => 'Pear soap, late; at last', 'due_on' => '2026-11-18']);
        $this->lot('comb', ['name' => 'Blue comb', 'due_on' => '2026-11-21']);
    }

    public function test_the_page_tells_what_lies_ahead_and_what_is_late(): void
    {
        $this->get('/send/dates')->assertOk()->assertSeeInOrder([
            '18 Nov 2026', 'To arrive: Pear soap, late; at last', '2 days late',
            '21 Nov 2026', 'To arrive: Blue comb', 'tomorrow',
            '11 Dec – 18 Dec 2026', 'Boxes are handed in at the quay hall', 'in 21 days',
            '15 Dec 2026', 'Last day at Lock House school',
            '19 Dec – 1 Jan 2027', 'Time to say thank you',
            'There is no address yet.',
        ]);
    }

    public function test_the_file_is_read_by_another_s_parser(): void
    {
        $answer = $this->get('/send/dates.ics')->assertOk();
        self::assertSame('text/calendar; charset=utf-8', $answer->headers->get('Content-Type'));

        $read = self::read((string) $answer->getContent());
        self::assertSame([
            'Gift boxes of Wharf Lane crew',
            '2026-11-18 2026-11-19 To arrive: Pear soap, late; at last',
            '2026-11-21 2026-11-22 To arrive: Blue comb',
            '2026-12-11 2026-12-19 Boxes are handed in at the quay hall',
            '2026-12-15 2026-12-16 Last day at Lock House school',
            '2026-12-18 2026-12-19 Last day at the quay hall',
            '2026-12-19 2027-01-02 Time to say thank you to whoever gave',
        ], array_slice($read, 0, 7));
        // By our kinds' months.
        self::assertContains('2027-03-01 2027-04-01 Usually cheap now: small blanket', $read);
    }

    public function test_an_address_works_without_a_session_until_it_is_taken_away(): void
    {
        $this->post('/send/dates/address')->assertRedirect('/send/dates');
        $key = (string) $this->crew->refresh()->calendar_key;
        self::assertSame(40, strlen($key));
        $this->get('/send/dates')->assertSee("/calendar/{$key}.ics");
        $this->signOut();

        $answer = $this->get("/calendar/{$key}.ics")->assertOk();
        self::assertContains('2026-11-21 2026-11-22 To arrive: Blue comb', self::read((string) $answer->getContent()));
        self::assertSame([], $answer->headers->getCookies());
        $this->get('/calendar/'.strrev($key).'.ics')->assertNotFound();

        $this->actingAs($this->packer)->post('/send/dates/address');
        $this->signOut();
        $this->get("/calendar/{$key}.ics")->assertNotFound();
        $key = (string) $this->crew->refresh()->calendar_key;
        $this->get("/calendar/{$key}.ics")->assertOk();
        $this->actingAs($this->packer)->delete('/send/dates/address');
        $this->signOut();
        $this->get("/calendar/{$key}.ics")->assertNotFound();
    }

    public function test_a_crew_s_address_tells_of_its_own_things_alone_and_by_its_own_day(): void
    {
        $others = Crew::factory()->createOne([
            'calendar_key' => str_repeat('k', 40), 'time_zone' => 'Pacific/Auckland',
        ]);
        Lot::factory()->createOne(['crew_id' => $others->id, 'name' => 'Their kite', 'due_on' => '2026-11-30']);
        $this->signOut();
        // There it is 21 December already: the window that is told of is next year's.
        $this->travelTo('2026-12-20 20:00');

        $read = self::read((string) $this->get('/calendar/'.str_repeat('k', 40).'.ics')->assertOk()->getContent());

        self::assertContains('2026-11-30 2026-12-01 To arrive: Their kite', $read);
        self::assertContains('2027-12-11 2027-12-19 Boxes are handed in at the quay hall', $read);
        self::assertCount(
            6,
            array_filter($read, static fn (string $line): bool => ! str_contains($line, 'Usually cheap')),
        );
    }

    private function signOut(): void
    {
        resolve(AuthManager::class)->forgetGuards();
        $this->app->forgetScopedInstances();
    }

    /** @return list<string> the calendar's name, then each event's first day, the day after its last, and its words */
    private static function read(string $calendar): array
    {
        $file = Run::folder().'/season.ics';
        file_put_contents($file, $calendar);
        $reader = dirname(__DIR__, 2).'/Support/calendar.js';
        exec('node '.escapeshellarg($reader).' '.escapeshellarg($file).' 2>&1', $lines, $code);
        self::assertSame(0, $code, implode("\n", $lines));

        return $lines;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Send;

use App\Actions\AskTracking;
use App\Models\Box;
use App\Models\LogBox;
use App\Models\Piece;
use App\Models\Track;
use App\Tracking\HttpTracking;
use App\Tracking\NoAnswer;
use App\Tracking\NoAnswerWhy;
use App\Tracking\TrackingService;
use Carbon\CarbonImmutable;
use Closure;
use DateTimeInterface;
use Illuminate\Http\Client\Factory;
use Illuminate\Support\Facades\Artisan;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Send\Track\Docket;
use Simulated\Tracking\Story;
use Tests\Browser\Support\BackgroundProcess;
use Tests\Feature\TestCase;

/** What a drive tells of boxes that were handed in, however well or badly it does. */
final class TrackingTest extends TestCase
{
    private Box $box;

    /** @var list<string> */
    private array $asked = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-12 10:00');
        $this->actingAs($this->packer);
        config(['wren.tracking.url' => 'http://drive.test', 'wren.tracking.pace' => 600]);
        $this->box = $this->handedIn(14, 'Tide pool', 'QH-204417');
        $this->answer(fn (Docket $docket, DateTimeInterface $at): string => (string) json_encode(
            (new Story)->of($docket->text, CarbonImmutable::instance($at), CarbonImmutable::now()),
        ));
    }

    public function test_the_story_is_told_as_time_goes_by_and_ends_on_the_map(): void
    {
        $this->travelTo('2026-12-20 10:00');
        $this->post('/send/tracking')->assertSessionHas('said', 'Asked about one docket.');
        $this->get("/send/log/{$this->box->id}")->assertOk()
            ->assertSeeInOrder(['Handed in by', 'Docket QH-204417', 'Received', 'Checked: put in: a knitted hat'])
            ->assertSee('value="QH-204417"', false);
        $this->get('/send/log')->assertSee('Checked on 18 Dec 2026')->assertDontSee('Where the boxes were given out');

        $this->travelTo('2027-04-20 10:00');
        $this->post('/send/tracking')->assertSessionHas('said', 'Asked about one docket.');
        self::assertSame(['KE', true], [LogBox::query()->value('country'), Track::query()->firstOrFail()->is_over]);
        $this->get('/send/log')->assertOk()
            ->assertSeeInOrder(['Where the boxes were given out', '1 box: Kenya 1', 'Kenya', 'one box'])
            ->assertSee('Given out in Kenya');
        $this->get('/send/log?q=kenya')->assertSee('Tide pool');
        $this->get("/send/log/{$this->box->id}")->assertSee('Given out in Kenya');
        // It is over: nobody is asked again.
        $this->travelTo('2027-06-20 10:00');
        $this->post('/send/tracking')->assertSessionHas('said', 'Nothing is due to be asked yet.');
        self::assertCount(2, $this->asked);
    }

    public function test_bad_answers_are_shown_change_nothing_and_are_asked_again_ever_more_rarely(): void
    {
        $this->travelTo('2026-12-20 10:00');
        $this->post('/send/tracking');
        $known = Track::query()->firstOrFail()->events;
        self::assertCount(2, $known);
        foreach ([
            [fn (): string => throw NoAnswer::because(NoAnswerWhy::Silent), 'no answer came in time.', 1200],
            [fn (): string => throw NoAnswer::because(NoAnswerWhy::Refuses), 'the drive could not answer.', 2400],
            [fn (): string => '<html>', 'The answer makes no sense: it is not written as agreed.', 4800],
            [fn (): string => '{"docket": "QH-9999", "events": []}', 'it is about another docket.', 9600],
        ] as [$answer, $says, $seconds]) {
            $this->travelTo(Track::query()->firstOrFail()->ask_at);
            $this->answer($answer);
            $this->post('/send/tracking')->assertSessionHas('said', 'Asked about one docket.');
            $track = Track::query()->firstOrFail();
            self::assertSame([$known, $seconds], [$track->events, (int) now()->diffInSeconds($track->ask_at)]);
            $this->get("/send/log/{$this->box->id}")->assertOk()->assertSee($says);
            $this->post('/send/tracking')->assertSessionHas('said', 'Nothing is due to be asked yet.');
        }
        // An answer that comes late, with less than is known, takes nothing away, and all is well again.
        $this->travelTo(Track::query()->firstOrFail()->ask_at);
        $this->answer(fn (): string => (string) json_encode([
            'docket' => 'QH-204417', 'events' => array_slice($known, 0, 1),
        ]));
        $this->post('/send/tracking');
        $track = Track::query()->firstOrFail();
        self::assertSame([$known, 0, null], [$track->events, $track->failures, $track->trouble]);
    }

    public function test_nobody_asks_while_another_does(): void
    {
        $track = Track::query()->firstOrFail();
        $this->answer(function () use ($track): string {
            // While this answer is waited for, someone else would ask.
            self::assertSame(0, resolve(AskTracking::class)->due($this->crew, 5));
            self::assertTrue($track->refresh()->asking_until?->isFuture());

            return '{"docket": "QH-204417", "events": []}';
        });

        self::assertSame(1, resolve(AskTracking::class)->due($this->crew, 5));
        self::assertCount(1, $this->asked);
        // Whoever went away without an answer does not keep the turn.
        $track->refresh()->update(['ask_at' => now(), 'asking_until' => now()->addSeconds(30)]);
        self::assertSame(0, resolve(AskTracking::class)->due($this->crew, 5));
        $this->travel(31)->seconds();
        $this->answer(fn (): string => '{"docket": "QH-204417", "events": []}');
        self::assertSame(1, resolve(AskTracking::class)->due($this->crew, 5));
    }

    public function test_a_box_taken_back_or_another_number_ends_the_asking(): void
    {
        $this->put("/send/log/{$this->box->id}", ['docket' => 'QH-204500'])->assertSessionHasNoErrors();
        self::assertSame(['QH-204500'], Track::query()->pluck('docket')->all());
        $this->put("/send/log/{$this->box->id}", ['docket' => 'no number'])
            ->assertSessionHasErrors([
                'docket' => '“no number” is no docket number. One has 4 to 24 letters and digits, like QH-204417.',
            ]);
        $this->post("/boxes/{$this->box->id}/take-back")->assertSessionHasNoErrors();
        self::assertSame(0, Track::query()->count());
    }

    public function test_where_nobody_is_asked_the_country_is_chosen_by_hand_and_stays(): void
    {
        config(['wren.tracking.url' => null]);
        $other = $this->handedIn(15, 'Kite hill', null);
        $this->put("/send/log/{$other->id}", ['docket' => '', 'country' => 'PE'])->assertSessionHasNoErrors();
        $this->put("/send/log/{$other->id}", ['docket' => '', 'country' => 'XX'])
            ->assertSessionHasErrors(['country' => 'Choose a country of the list.']);

        $this->get('/send/log?country=PE')->assertSee('One box.')->assertSee('Given out in Peru')
            ->assertDontSee('Tide pool');
        $this->get('/send/log?country=PE.KE')->assertSee('One box.');
        $this->get('/send/log?country=%22%3E')->assertOk()->assertSee('2 boxes.');
        // What the drive itself tells stands against it.
        $this->travelTo('2027-04-20 10:00');
        $this->post('/send/tracking');
        $this->put("/send/log/{$this->box->id}", ['docket' => 'QH-204417', 'country' => 'PE']);
        self::assertSame('KE', LogBox::query()->whereKey($this->box->id)->value('country'));
    }

    public function test_a_timer_asks_for_every_crew(): void
    {
        self::assertSame(0, Artisan::call('wren:track'));
        self::assertStringContainsString('Asked about 1 dockets.', Artisan::output());
        self::assertSame(['QH-204417'], $this->asked);
    }

    public function test_the_service_on_the_web_is_asked_and_its_troubles_are_told_apart(): void
    {
        $port = BackgroundProcess::freePort();
        $service = new BackgroundProcess(
            ['php', '-S', "127.0.0.1:{$port}", 'simulated/tracking/serve.php'],
            ['WREN_TODAY' => '2027-04-20', 'WREN_TRACKING_SPEED' => '1'],
            "http://127.0.0.1:{$port}/dockets/QH-1000404",
        );
        $ask = fn (string $docket, int $patience = 20): string => (
            new HttpTracking(new Factory, "http://127.0.0.1:{$port}/", $patience)
        )
            ->ask(Docket::parse($docket), now());
        try {
            self::assertStringContainsString('"stage":"given-out"', $ask('QH-204417'));
            self::assertStringContainsString('<html>', $ask('QH-204499'));
            foreach ([
                ['QH-204498', 20, NoAnswerWhy::Refuses], ['QH-204404', 20, NoAnswerWhy::Unknown],
                ['QH-204497', 1, NoAnswerWhy::Silent],
            ] as [$docket, $patience, $why]) {
                try {
                    $ask($docket, $patience);
                    self::fail("{$docket} was answered.");
                } catch (NoAnswer $none) {
                    self::assertSame($why, $none->why);
                }
            }
        } finally {
            $service->end();
        }
    }

    private function answer(callable $with): void
    {
        $asked = function (Docket $docket, DateTimeInterface $at) use ($with): string {
            $this->asked[] = $docket->text;
            $answer = $with($docket, $at);

            return is_string($answer) ? $answer : '';
        };
        $this->app->instance(TrackingService::class, new class($asked) implements TrackingService
        {
            /** @param Closure(Docket, DateTimeInterface): string $asked */
            public function __construct(private Closure $asked) {}

            public function ask(Docket $docket, DateTimeInterface $handedInAt): string
            {
                return ($this->asked)($docket, $handedInAt);
            }
        });
    }

    private function handedIn(int $number, string $theme, ?string $docket): Box
    {
        $box = $this->box(['number' => $number, 'theme' => $theme, 'stage' => Stage::Packed]);
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot()->id, 'quantity' => 1]);
        $this->put("/boxes/{$box->id}/stage", ['stage' => 'handed-in', 'was' => 'packed'])->assertSessionHasNoErrors();
        $docket === null || $this->put("/send/log/{$box->id}", ['docket' => $docket])->assertSessionHasNoErrors();

        return $box;
    }
}

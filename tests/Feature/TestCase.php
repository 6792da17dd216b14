<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\Piece;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Bootstrap\BootProviders;
use Illuminate\Foundation\Bootstrap\HandleExceptions;
use Illuminate\Foundation\Bootstrap\LoadConfiguration;
use Illuminate\Foundation\Bootstrap\LoadEnvironmentVariables;
use Illuminate\Foundation\Bootstrap\RegisterFacades;
use Illuminate\Foundation\Bootstrap\RegisterProviders;
use Illuminate\Foundation\Bootstrap\SetRequestForConsole;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\DemoTable;
use Tests\Support\TestDatabase;

/** The application against a database of its own, with one crew and one of its members. */
abstract class TestCase extends FrameworkTestCase
{
    use RefreshDatabase;

    protected Crew $crew;

    protected User $packer;

    public function createApplication(): Application
    {
        TestDatabase::use();
        /** @var Application $app */
        $app = require __DIR__.'/../../bootstrap/app.php';
        // Without the services of commands, which few tests run: those that do bring them.
        $app->bootstrapWith([
            LoadEnvironmentVariables::class, LoadConfiguration::class, HandleExceptions::class, RegisterFacades::class,
            SetRequestForConsole::class, RegisterProviders::class, BootProviders::class,
        ]);

        return $app;
    }

    /**
     * A page as a browser shows it: a line break in the markup is a space between words, however many there are.
     *
     * @return TestResponse<Response>
     */
    protected function createTestResponse($response, $request)
    {
        $page = $response->getContent();
        if (is_string($page) && str_starts_with((string) $response->headers->get('Content-Type'), 'text/html')) {
            $response->setContent((string) preg_replace('/\s+/', ' ', $page));
            // A directive that stands too close to a word is shown as it is written.
            self::assertDoesNotMatchRegularExpression('/@(break|case|continue|else|end\w+|foreach|if)\b/', $page);
        }

        return parent::createTestResponse($response, $request);
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->crew = Crew::factory()->createOne();
        // Whoever looks at rows without being signed in looks at this crew's.
        resolve(CrewInHand::class)->take($this->crew);
        $this->packer = User::factory()->createOne(['crew_id' => $this->crew->id]);
    }

    /** Whoever comes after someone else comes with a session of their own. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        session()->forget('password_hash_web');

        return parent::actingAs($user, $guard);
    }

    /** The demo table and nothing else, in the hand of its crew. */
    protected function layTheDemoTable(): void
    {
        if (TestDatabase::isPostgres()) {
            $this->seed(DatabaseSeeder::class);
        } else {
            DemoTable::putOn(DemoTable::laid());
        }
        resolve(CrewInHand::class)->take(Crew::query()->where('is_demo', true)->firstOrFail());
    }

    /** @param array<string, mixed> $with */
    protected function box(array $with = []): Box
    {
        return Box::factory()->createOne(['crew_id' => $this->crew->id, ...$with]);
    }

    /** Put a thing of that name into a box. */
    protected function putIn(Box $box, string $kind, string $name): Piece
    {
        return Piece::factory()->createOne(
            ['box_id' => $box->id, 'lot_id' => $this->lot($kind, ['name' => $name])->id, 'quantity' => 1],
        );
    }

    /** @param array<string, mixed> $with */
    protected function lot(string $kind = 'soap', array $with = []): Lot
    {
        return ($kind === 'soap' ? Lot::factory() : Lot::factory()->ofKind($kind))->createOne([
            'crew_id' => $this->crew->id,
            ...$with,
        ]);
    }

    /** Count what a page asks of the database; the member is read anew, as at a request of its own. */
    protected function queries(string $address): int
    {
        $this->actingAs(User::query()->findOrFail($this->packer->id));
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get($address)->assertOk();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }

    /**
     * What an answer has to say beside its part of a page, it carries in a header.
     *
     * @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $response
     */
    protected static function assertSaid(string $words, TestResponse $response): void
    {
        $says = json_decode(rawurldecode((string) $response->headers->get('Wren-Said')), true);

        self::assertSame($words, is_array($says) ? $says['said'] ?? $says['wrong'] ?? null : null);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use App\Http\Middleware\StartSession;
use App\Http\Middleware\Unasked;
use App\Session\AsideFileSessionHandler;
use Closure;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Routing\Route;
use Illuminate\Session\SessionManager;
use Illuminate\Session\Store;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\TestCase;

/** Two requests of one person at the same time: the one that ends last takes nothing back that the other wrote. */
final class SessionTest extends TestCase
{
    private const ID = 'abcdefghijabcdefghijabcdefghijabcdefghij';

    protected function setUp(): void
    {
        parent::setUp();
        config(['session.driver' => 'aside', 'session.lottery' => [0, 1], 'session.files' => $this->folder()]);
        $this->ask('/', static fn (Store $session) => $session->put('who', 'Ines'));
    }

    /**
     * @param  array<string, string>  $headers
     * @param  array<string, true>  $marks
     */
    #[TestWith([['HX-Request' => 'true'], []])]
    #[TestWith([['HX-Request' => 'true'], [Unasked::class => true]])]
    #[TestWith([[], [Unasked::class => true]])]
    #[TestWith([['Sec-Fetch-Mode' => 'no-cors']])]
    #[TestWith([['Sec-Fetch-Mode' => 'cors']])]
    public function test_what_was_said_meanwhile_is_said(array $headers, array $marks = []): void
    {
        $this->ask('/boxes', function (): void {
            $this->ask(
                '/move',
                static fn (Store $session) => $session->flash('said', 'Mudlark is ready'),
                ['HX-Request' => 'true'],
            );
        }, $headers, $marks);

        self::assertSame(
            'Mudlark is ready',
            $this->ask('/boxes', static fn (Store $session): mixed => $session->get('said')),
        );
        self::assertNull($this->ask('/boxes', static fn (Store $session): mixed => $session->get('said')));
    }

    /**
     * @param  array<string, string>  $headers
     * @param  array<string, true>  $marks
     */
    #[TestWith([['HX-Request' => 'true'], [Unasked::class => true]])]
    #[TestWith([['Sec-Fetch-Mode' => 'no-cors']])]
    #[TestWith([['Sec-Fetch-Mode' => 'cors']])]
    public function test_what_is_not_asked_for_by_hand_uses_up_nothing_that_is_to_be_said(
        array $headers,
        array $marks = [],
    ): void {
        $this->ask('/move', static fn (Store $session) => $session->flash('said', 'Mudlark is ready'));
        foreach ([1, 2, 3] as $ignored) {
            $this->ask('/improve', static fn (): null => null, $headers, $marks);
        }

        self::assertSame(
            'Mudlark is ready',
            $this->ask('/boxes', static fn (Store $session): mixed => $session->get('said')),
        );
    }

    /** @param array<string, mixed> $typed */
    #[TestWith(['/gather/write/look', ['lines' => '5 yo-yos']])]
    #[TestWith(['/gather/quick/look', ['place' => 'Mill Lane']])]
    #[TestWith(['/gather/kits/look', ['each' => []]])]
    public function test_looking_at_what_is_typed_uses_up_nothing_that_is_to_be_said(string $look, array $typed): void
    {
        $this->actingAs($this->packer);
        $kept = $this->post('/gather/write', ['lines' => '5 yo-yos 2.50'])->assertRedirect();
        $cookie = $kept->getCookie(config()->string('session.cookie'));
        self::assertNotNull($cookie);
        $this->withCookie($cookie->getName(), (string) $cookie->getValue());

        $this->post($look, $typed, ['HX-Request' => 'true'])->assertOk()->assertHeaderMissing('Wren-Said');
        $this->post($look, $typed, ['HX-Request' => 'true'])->assertOk();

        $this->get('/gather')->assertSee('One thing for 2.50 is in the stash.');
        $this->get('/gather')->assertDontSee('One thing for 2.50 is in the stash.');
    }

    public function test_a_session_that_was_ended_meanwhile_stays_ended(): void
    {
        $this->ask('/improve', function (): void {
            unlink($this->folder().'/'.self::ID);
        }, ['HX-Request' => 'true']);

        self::assertFileDoesNotExist($this->folder().'/'.self::ID);
    }

    public function test_a_session_in_use_is_not_timed_out(): void
    {
        touch($this->folder().'/'.self::ID, time() - 3600);
        $this->ask('/improve', static fn (): null => null, ['HX-Request' => 'true']);
        clearstatcache();

        self::assertGreaterThan(time() - 600, filemtime($this->folder().'/'.self::ID));
        self::assertSame('Ines', $this->ask('/', static fn (Store $session): mixed => $session->get('who')));
    }

    public function test_what_was_changed_is_kept(): void
    {
        $this->ask('/count', static fn (Store $session) => $session->put('who', 'Tomas'), ['HX-Request' => 'true']);

        self::assertSame('Tomas', $this->ask('/', static fn (Store $session): mixed => $session->get('who')));
    }

    /**
     * One request, as a process of its own would answer it.
     *
     * @param  Closure(Store): mixed  $do
     * @param  array<string, string>  $headers
     * @param  array<string, true>  $marks
     */
    private function ask(string $path, Closure $do, array $headers = [], array $marks = []): mixed
    {
        $manager = new SessionManager($this->app);
        $manager->extend(
            'aside',
            fn (): AsideFileSessionHandler => new AsideFileSessionHandler(new Filesystem, $this->folder(), 120),
        );
        $request = Request::create($path);
        $request->headers->add($headers);
        $request->cookies->set(config()->string('session.cookie'), self::ID);
        $request->setRouteResolver(static fn (): Route => new Route('GET', $path, static fn (): null => null));
        $request->attributes->add($marks);
        $answer = null;
        (new StartSession($manager))->handle(
            $request,
            static function (Request $request) use ($do, &$answer): Response {
                $session = $request->session();
                self::assertInstanceOf(Store::class, $session);
                $answer = $do($session);

                return new Response;
            },
        );

        return $answer;
    }

    private function folder(): string
    {
        return storage_path('framework/sessions');
    }
}

<?php

declare(strict_types=1);

namespace App\Providers;

use App\Crews\CrewInHand;
use App\Database\OneWriterPostgres;
use App\Database\OneWriterSqlite;
use App\Framework\QuickParts;
use App\Framework\RememberingTranslator;
use App\Framework\RememberingUrls;
use App\Framework\SheetTags;
use App\Mail\MailboxTransport;
use App\Pages\Choices;
use App\Pages\Gather\LotFieldsData;
use App\Pages\Gather\WaitingData;
use App\Pages\Glyphs;
use App\Reference\Currencies;
use App\Reference\DataFiles;
use App\Reference\GuideFile;
use App\Reference\Guides;
use App\Reference\Kinds;
use App\Reference\Labels;
use App\Reference\LearnedGive;
use App\Reference\Notations;
use App\Reference\Themes;
use App\Reference\WorldMap;
use App\Session\AsideFileSessionHandler;
use App\Support\Today;
use App\Tracking\HttpTracking;
use App\Tracking\TrackingService;
use App\Words\FindingWords;
use App\Words\Writing;
use Carbon\CarbonImmutable;
use Illuminate\Auth\AuthManager;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\View\View as Contract;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Application;
use Illuminate\Http\Client\Factory as Http;
use Illuminate\Http\Middleware\TrustHosts;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator;
use OutOfBoundsException;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Fit\Answer\PartingSolver;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Fit\Solver;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Guide\SaysFindings;
use PluckyWren\Core\Stash\Catalogue;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(DataFiles::class, static fn (): DataFiles => new DataFiles(
            base_path('data'),
            storage_path('framework/cache/shipped'),
        ));
        $this->registerWhatRemembers();
        $this->callAfterResolving('blade.compiler', SheetTags::teach(...));
        $this->callAfterResolving('blade.compiler', QuickParts::teach(...));
        $this->registerReference();
        $this->app->singleton(RuleBook::class, static fn (): RuleBook => RuleBook::ofAllRules());
        $this->app->bind(Solver::class, static fn (): Solver => new PartingSolver(new CornerSolver));
        $this->app->bind(SaysFindings::class, FindingWords::class);
        $this->app->bind(TrackingService::class, static fn (): TrackingService => new HttpTracking(
            resolve(Http::class),
            is_string($address = config('wren.tracking.url')) ? $address : '',
            config()->integer('wren.tracking.patience'),
        ));
        Connection::resolverFor(
            'sqlite',
            static fn (mixed ...$of): OneWriterSqlite => new OneWriterSqlite(...$of),
        );
        Connection::resolverFor(
            'pgsql',
            static fn (mixed ...$of): OneWriterPostgres => new OneWriterPostgres(...$of),
        );
    }

    /** What everyone looks things up in: some of it ships, some is the crew's own. */
    private function registerReference(): void
    {
        // Of the crew in hand: with its own kinds, and without those of any other.
        $this->app->scoped(Kinds::class);
        $this->app->scoped(Labels::class);
        $this->app->scoped(LearnedGive::class);
        $this->app->bind(Catalogue::class, static fn (): Catalogue => resolve(Kinds::class)->inHand());
        $this->app->singleton(BoxKinds::class, static fn (): BoxKinds => resolve(DataFiles::class)->boxKinds());
        $this->app->singleton(
            ColourNames::class,
            static fn (): ColourNames => resolve(DataFiles::class)->colourNames(),
        );
        $this->app->singleton(
            WorldMap::class, static fn (): WorldMap => new WorldMap(public_path('build/world.json'))
        );
        $this->app->scoped(Themes::class);
        $this->app->scoped(CrewInHand::class, static fn (Application $app): CrewInHand => new CrewInHand(
            $app->make(AuthManager::class),
            $app->make(Notations::class),
            static fn (): Guides => $app->make(Guides::class),
        ));
        $this->app->scoped(
            Guides::class,
            static fn (): Guides => new Guides(
                resolve(DataFiles::class),
                resolve(CrewInHand::class),
                config()->string('wren.guide'),
            ),
        );
        $this->app->bind(
            GuideFile::class,
            static fn (): GuideFile => new GuideFile(
                resolve(Catalogue::class),
                resolve(Currencies::class),
                base_path('data/schemas/guide.schema.json'),
            ),
        );
        $this->app->singleton(Notations::class, static fn (): Notations => new Notations);
    }

    /** Parts of the framework that are asked the same many times for a page, and work it out once. */
    private function registerWhatRemembers(): void
    {
        $this->app->singleton('url', static function (Application $app): RememberingUrls {
            $routes = $app->make(Router::class)->getRoutes();
            $app->instance('routes', $routes);
            $request = $app->rebinding(
                'request',
                static fn (Application $app, Request $request) => $app->make(RememberingUrls::class)
                    ->setRequest($request),
            );

            return new RememberingUrls($routes, $request, config('app.asset_url'));
        });
        $this->app->alias('url', RememberingUrls::class);
        $this->app->extend('translator', static function (Translator $words, Application $app): Translator {
            $remembering = new RememberingTranslator($words->getLoader(), $words->getLocale());
            $remembering->setFallback($words->getFallback());

            return $remembering;
        });
    }

    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        Mail::extend('mailbox', static fn (): MailboxTransport => new MailboxTransport(
            config()->string('mail.mailers.mailbox.folder'),
        ));
        TrustProxies::at(config()->array('wren.proxies'));
        TrustHosts::at(array_map(
            static fn (mixed $host): string => is_string($host) ? '^'.preg_quote($host, '{').'$' : '',
            config()->array('wren.hosts'),
        ), false);
        self::handToViews();
        Session::extend(
            'aside',
            static fn (): AsideFileSessionHandler => new AsideFileSessionHandler(
                new Filesystem,
                config()->string('session.files'),
                config()->integer('session.lifetime'),
            ),
        );
        Model::shouldBeStrict(! $this->app->environment('production'));
        if (! $this->app->environment('production')) {
            Lang::handleMissingKeysUsing(
                static fn (string $key): string => str_contains($key, ' ') || str_starts_with($key, 'validation.')
                    ? $key
                    : throw new OutOfBoundsException("There are no words for “{$key}”."),
            );
        }
        $today = config('wren.today');
        if (is_string($today) && $today !== '') {
            CarbonImmutable::setTestNow(CarbonImmutable::parse($today)->setTime(10, 0));
        }
        self::limitRates();
    }

    /** What every view is handed, and what some need wherever they stand. */
    private static function handToViews(): void
    {
        View::share([
            'hand' => app(CrewInHand::class),
            'say' => new FindingWords,
            'write' => new Writing,
            'choices' => Choices::all(),
            'glyphs' => app(Glyphs::class),
        ]);
        View::composer('gather.partials.waiting', WaitingData::class);
        View::composer('gather.partials.fields', LotFieldsData::class);
        View::composer(
            ['components.layout', 'components.crew-menu', 'crew.settings'],
            static fn (Contract $view) => $view->with('scheme', self::scheme()),
        );
        View::composer('components.top-bar', static fn (Contract $view) => $view->with([
            'daysToHandIn' => resolve(CrewInHand::class)->guide()->terms->handIn->daysUntil(Today::here()),
            'handInEnds' => resolve(Guides::class)
                ->current()
                ->terms
                ->handIn
                ->firstLastDay(Today::here())
                ->format('j M'),
            'handInPlace' => resolve(CrewInHand::class)->guide()->terms->handIn->place,
        ]));
    }

    private static function limitRates(): void
    {
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(5)->by(
                'sign-in|'.(
                    is_string($email = $request->input('email')) ? mb_strtolower($email) : ''
                ).'|'.$request->ip(),
            ),
            Limit::perMinute(30)->by('sign-in|'.$request->ip()),
        ]);
        RateLimiter::for(
            'calendar', static fn (Request $request): Limit => Limit::perMinute(30)->by('calendar|'.$request->ip())
        );
        RateLimiter::for(
            'tracking', static fn (Request $request): Limit => Limit::perMinute(20)->by('tracking|'.$request->ip())
        );
        RateLimiter::for(
            'forgot', static fn (Request $request): Limit => Limit::perMinute(6)->by('forgot|'.$request->ip())
        );
        RateLimiter::for(
            'links', static fn (Request $request): Limit => Limit::perMinute(60)->by('links|'.$request->ip())
        );
        RateLimiter::for(
            'demo', static fn (Request $request): Limit => Limit::perMinute(60)->by('demo|'.$request->ip())
        );
        RateLimiter::for(
            'register', static fn (Request $request): Limit => Limit::perMinute(10)->by('register|'.$request->ip())
        );
    }

    /** Anyone may write a cookie, so only what we know is taken from it. */
    private static function scheme(): string
    {
        $scheme = request()->cookie('scheme');

        return $scheme === 'light' || $scheme === 'dark' ? $scheme : 'auto';
    }
}

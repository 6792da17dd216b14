<?php

declare(strict_types=1);

use App\Console\BackupCommand;
use App\Console\FitSolveCommand;
use App\Console\FitSureCommand;
use App\Console\GuideCheckCommand;
use App\Console\RestoreCommand;
use App\Console\RulesListCommand;
use App\Console\TrackCommand;
use App\Http\Listeners\NoteSignIn;
use App\Http\Middleware\EndsWithItsSignIn;
use App\Http\Middleware\OfferUndo;
use App\Http\Middleware\ReadDigits;
use App\Http\Middleware\RefuseBrokenText;
use App\Http\Middleware\RememberAnswer;
use App\Http\Middleware\SendSecurityHeaders;
use App\Http\Middleware\StartSession;
use App\Http\Responses\Trouble;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Auth\Events\Login;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\Middleware\StartSession as LaravelStartSession;
use Illuminate\Support\Facades\Event;

// What a fresh clone does not hold and Laravel expects to find.
$storage = $_ENV['LARAVEL_STORAGE_PATH'] ?? $_SERVER['LARAVEL_STORAGE_PATH'] ?? __DIR__.'/../storage';
foreach (['app', 'framework/cache/data', 'framework/sessions', 'framework/views', 'logs'] as $folder) {
    is_dir("{$storage}/{$folder}") || @mkdir("{$storage}/{$folder}", 0o775, true) || is_dir("{$storage}/{$folder}");
}
is_dir(__DIR__.'/cache') || mkdir(__DIR__.'/cache', 0o775);

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php')
    ->booted(static fn () => Event::listen(Login::class, NoteSignIn::class))
    ->withCommands([
        FitSolveCommand::class, FitSureCommand::class, GuideCheckCommand::class, RulesListCommand::class,
        TrackCommand::class, BackupCommand::class, RestoreCommand::class,
    ])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->trustHosts();
        $middleware->remove(HandleCors::class);
        $middleware->append([SendSecurityHeaders::class, RefuseBrokenText::class, ReadDigits::class]);
        $middleware->web(
            append: [EndsWithItsSignIn::class, RememberAnswer::class, OfferUndo::class],
            replace: [LaravelStartSession::class => StartSession::class],
        );
        $middleware->redirectGuestsTo(fn (): string => route('welcome'));
        $middleware->redirectUsersTo(fn (): string => route('shelf'));
        $middleware->encryptCookies(except: ['scheme']);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Trouble::register($exceptions);
        // A fragment has no room for the welcome page: send the browser there instead.
        $exceptions->render(
            fn (AuthenticationException $e, Request $request): ?Response => $request->hasHeader('HX-Request')
                ? new Response('', 401, ['HX-Redirect' => route('welcome')])
                : null,
        );
        $exceptions->dontFlash(['password', 'password_confirmation']);
    })
    ->create();

<?php

use App\Crib\Console\LateArrivalsCommand;
use App\Ledger\Console\EraseCommand;
use App\Ledger\Console\GrantCommand;
use App\Ledger\Console\RebuildCommand;
use App\Ledger\Console\RestoredCommand;
use App\Ledger\Console\SequenceCommand;
use App\Ledger\Console\StateCommand;
use App\Ledger\Console\VerifyCommand;
use App\People\Console\FirstUseCodeCommand;
use App\People\Console\RightsCommand;
use App\People\Http\Middleware\KeepSessionLimits;
use App\People\Http\Middleware\OnceById;
use App\People\Http\Middleware\RequireBench;
use App\People\Http\Middleware\RequireDesk;
use App\People\Http\Middleware\RequireDevice;
use App\Shared\Console\PreloadCommand;
use App\Shared\Console\TidyCommand;
use App\Shared\Http\JsonBody;
use App\Shared\Http\PlainInput;
use App\Shared\Http\ProblemDetails;
use App\Shared\Http\RequestId;
use App\Shared\Http\SecurityHeaders;
use App\Shared\Http\StartSessionReadOnly;
use App\Shared\Http\SteadySession;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\InvokeDeferredCallbacks;
use Illuminate\Foundation\Http\Middleware\PreventRequestsDuringMaintenance;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

// An instance (the shop's, a test's) keeps its data, caches and secrets in a folder of its own; code is read-only.
$base = dirname(__DIR__);
$var = getenv('TEKKAL_VAR') ?: $base.'/var';
foreach (['CONFIG' => 'config', 'ROUTES' => 'routes-v7', 'EVENTS' => 'events', 'SERVICES' => 'services', 'PACKAGES' => 'packages'] as $name => $file) {
    $_ENV["APP_{$name}_CACHE"] ??= "$var/cache/$file.php";
}

$app = Application::configure(basePath: $base)
    ->withRouting(
        commands: $base.'/routes/console.php',
        then: function () use ($base): void {
            Route::middleware('web')->prefix('api')->group(function () use ($base): void {
                foreach (glob($base.'/routes/api/*.php') ?: [] as $file) {
                    require $file;
                }
            });
            Route::middleware('live')->prefix('api')->group($base.'/routes/live.php');
            Route::middleware('outbox')->prefix('api')->group($base.'/routes/outbox.php');
            Route::get('up', fn () => response('ok', 200, ['Content-Type' => 'text/plain']));
            Route::middleware('web')->group($base.'/routes/web.php');
        },
    )
    ->withCommands([EraseCommand::class, FirstUseCodeCommand::class, GrantCommand::class, LateArrivalsCommand::class, PreloadCommand::class, RebuildCommand::class, RestoredCommand::class, RightsCommand::class, SequenceCommand::class, StateCommand::class, TidyCommand::class, VerifyCommand::class])
    ->withMiddleware(function (Middleware $middleware): void {
        // Same-origin (and its package cannot be installed, see docs/decisions); no proxy but nginx on this very machine; no
        // maintenance mode, since an upgrade answers meanwhile; nothing is put off until an answer is out.
        $middleware->remove([HandleCors::class, TrustProxies::class, PreventRequestsDuringMaintenance::class, InvokeDeferredCallbacks::class]);
        $middleware->prepend([RequestId::class, JsonBody::class]);
        $middleware->append(SecurityHeaders::class);
        $middleware->web(replace: [StartSession::class => SteadySession::class], remove: [ShareErrorsFromSession::class]);
        $middleware->appendToGroup('web', [PlainInput::class, KeepSessionLimits::class, OnceById::class]);
        // A poll reads the session and never writes it, so that forty open screens cost no file each two seconds.
        $middleware->group('live', [EncryptCookies::class, StartSessionReadOnly::class, KeepSessionLimits::class]);
        // A bench's readings are answered for by the bench and the sitting that each names, signed in or not: they need no
        // session, and wait for none. The bench's cookie goes along with requests of this very page only.
        $middleware->group('outbox', [EncryptCookies::class]);
        // Who may be here at all comes before what an address stands for: nobody learns by a 404 what there is.
        $middleware->priority([PlainInput::class, KeepSessionLimits::class, OnceById::class, RequireDevice::class, RequireDesk::class, RequireBench::class, AuthenticatesRequests::class, Authorize::class, SubstituteBindings::class]);
        $middleware->alias(['desk' => RequireDesk::class, 'bench' => RequireBench::class, 'device' => RequireDevice::class]);
        // A document is kept as it was written, and so is what a bench saw: blanks and empty texts included. A table is
        // read with what its file began with.
        $document = fn (Request $request): bool => $request->is('api/library/drafts/*', 'api/library/look', 'api/bench/*');
        $middleware->trimStrings([$document, fn (Request $request): bool => $request->is(PlainInput::TABLES)]);
        $middleware->convertEmptyStringsToNull([$document]);
        $middleware->redirectGuestsTo(fn (): string => '/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        ProblemDetails::register($exceptions);
    })
    ->create();

$app->useStoragePath("$var/storage");
if (is_file("$var/.env")) {
    $app->useEnvironmentPath($var);
}

return $app;

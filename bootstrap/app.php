<?php

declare(strict_types=1);

use App\Http\Middleware\CleanInput;
use App\Http\Middleware\CookiesNeedTheirToken;
use App\Http\Middleware\KnownByNumber;
use App\Http\Middleware\KnownHosts;
use App\Http\Middleware\NoLateSession;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\Speak;
use App\Http\Middleware\StillSignedIn;
use App\Http\Seat;
use App\Http\Unreachable;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use RushHold\Focus\Overtaken;
use RushHold\Refused;
use RushHold\Units;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response as SymfonyResponse;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

foreach (['app', 'framework/cache/data', 'framework/sessions', 'framework/views', 'logs'] as $folder) {
    $path = ($_ENV['LARAVEL_STORAGE_PATH'] ?? $_SERVER['LARAVEL_STORAGE_PATH'] ?? dirname(__DIR__).'/storage').'/'.$folder;
    if (! is_dir($path)) {
        @mkdir($path, 0o775, true);
    }
}

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // The application is served from one origin, so cross-origin headers are never needed.
        $middleware->remove(HandleCors::class);
        $middleware->prepend(CleanInput::class);
        $middleware->prepend(Speak::class);
        $middleware->prepend(KnownByNumber::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(KnownHosts::class);
        // Whoever stands in front of several servers reads it.
        $middleware->encryptCookies(except: [Seat::COOKIE]);
        $middleware->web(append: [StillSignedIn::class], prepend: [NoLateSession::class], replace: [ValidateCsrfToken::class => CookiesNeedTheirToken::class]);
        // Before anybody is let in by the session.
        $middleware->prependToPriorityList(before: AuthenticatesRequests::class, prepend: StillSignedIn::class);
        // Documents come in as they are: an empty text is not the same as none.
        $middleware->convertEmptyStringsToNull(except: [fn (Request $request): bool => $request->is('api/*')]);
        $middleware->trimStrings(except: [fn (Request $request): bool => $request->is('api/*')]);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withSchedule(function (Schedule $schedule): void {
        $schedule->command('sweep')->everyTenMinutes()->onOneServer();
        $schedule->exec(PHP_BINARY.' '.escapeshellarg(base_path('ops/rotate.php')).' '.escapeshellarg(storage_path('logs')))->hourly();
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(
            fn (Request $request): bool => $request->is('api/*') || $request->expectsJson(),
        );
        // What the framework says of itself, in words for people.
        $exceptions->respond(function (SymfonyResponse $response, Throwable $thrown): SymfonyResponse {
            $said = $response instanceof JsonResponse ? (array) $response->getData(true) : [];
            if (! $response instanceof JsonResponse || isset($said['errors']) || ($thrown instanceof HttpExceptionInterface && ! $thrown instanceof ThrottleRequestsException && $thrown->getMessage() !== '' && $thrown->getPrevious() === null)) {
                return $response;
            }
            $key = "http.status.{$response->getStatusCode()}";
            $sentence = Words::has($key) ? Words::text($key) : null;

            return $sentence === null || config('app.debug') && $response->getStatusCode() === 500 ? $response : $response->setData([...$said, 'message' => $sentence]);
        });
        $exceptions->map(Unreachable::asBusy(...));
        // What was asked, without the values: those are people's.
        $exceptions->report(function (QueryException $failed): false {
            Log::error('A question to the database failed.', ['code' => $failed->getCode(), 'sql' => $failed->getSql(), 'at' => $failed->getTraceAsString()]);

            return false;
        });
        $exceptions->dontReport([Refused::class, Overtaken::class]);
        $exceptions->render(fn (Overtaken $overtaken) => response()->json(['message' => $overtaken->getMessage()], 409));
        $exceptions->render(function (Refused $refused) {
            $said = Words::in(Units::Metric)->refused($refused);

            return response()->json(['message' => $said, 'errors' => [$refused->field => [$said]], 'range' => $refused->range?->jsonSerialize()], 422);
        });
    })
    ->create();

// Tests and temporary instances have no .env of the checkout's own.
$folder = getenv('APP_ENV_FOLDER');
if (is_string($folder) && $folder !== '') {
    $app->useEnvironmentPath($folder);
}

return $app;

<?php

declare(strict_types=1);

use App\Data\Pages\TroublePage;
use App\Http\BodyLimits;
use App\Http\Middleware\BoundedBodies;
use App\Http\Middleware\NoLateCookies;
use App\Http\Middleware\OutingsThatStand;
use App\Http\Middleware\OwnHostsOnly;
use App\Http\Middleware\ReadableText;
use App\Http\Middleware\RefuseUnreadable;
use App\Http\Middleware\SafeHeaders;
use App\Http\Middleware\SharePage;
use App\Http\Middleware\StartVisit;
use App\Models\User;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Settings\Fault;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\PreventRequestsDuringMaintenance;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php',
        then: static fn () => Route::middleware(SharePage::class)->group(__DIR__.'/../routes/device.php'),
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->use([
            SafeHeaders::class, TrustProxies::class, OwnHostsOnly::class, PreventRequestsDuringMaintenance::class, BoundedBodies::class,
            ReadableText::class, TrimStrings::class, ConvertEmptyStringsToNull::class,
        ]);
        $middleware->web(
            append: [SharePage::class, RefuseUnreadable::class, OutingsThatStand::class], prepend: [NoLateCookies::class],
            replace: [StartSession::class => StartVisit::class],
        );
        $middleware->authenticateSessions();
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->map(
            InvalidInput::class,
            fn (InvalidInput $bad) => ValidationException::withMessages([
                $bad->field ?: 'input' => Fault::words(
                    $bad, ($user = request()->user()) instanceof User ? $user->settings()->units : null,
                ),
            ]),
        );
        $exceptions->respond(function (Response $response, Throwable $error, Request $request): Response {
            $sentences = [
                400 => 'That address can\'t be read. Go back, or start from the Lure station.',
                403 => 'That is not yours to change.',
                404 => 'There is nothing at this address.',
                413 => 'That is too large to take in here; at most '.BodyLimits::inWords($request).' fit.',
                419 => 'This page was open too long. Load it again and repeat the last step; nothing else is lost.',
                429 => 'That was a lot at once. Go on in '.max(1, (int) $response->headers->get('Retry-After')).' s; nothing is lost.',
                500 => 'Something went wrong on our side; what you entered before is kept. Try again.',
                503 => 'Eskith is being looked after and is back in a minute.',
            ];
            $status = $response->getStatusCode();
            // A page that cannot be shown says so: sent back to where it came from, it would come back for ever.
            if ($error instanceof ValidationException && $request->isMethodSafe() && ! $request->expectsJson()) {
                $status = 422;
                $sentences[422] = $error->getMessage();
            }
            if (! isset($sentences[$status]) || ($status === 500 && config('app.debug'))) {
                return $response;
            }
            if ($request->expectsJson() && ! $request->header('X-Inertia')) {
                return response()->json(['message' => $sentences[$status]], $status)->withHeaders(
                    ['Retry-After' => $response->headers->get('Retry-After')],
                );
            }

            return (new TroublePage($status, $sentences[$status]))->render()
                ->toResponse($request)->setStatusCode($status);
        });
    })
    ->create();

<?php

declare(strict_types=1);

use App\Http\Middleware\NoLateCookies;
use App\Http\Middleware\OwnOriginOnly;
use App\Http\Middleware\SharePage;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->web(append: [SharePage::class, OwnOriginOnly::class], prepend: [NoLateCookies::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->map(InvalidInput::class, fn (InvalidInput $bad) => ValidationException::withMessages([$bad->field ?: 'input' => $bad->getMessage()]));
        $exceptions->respond(function (Response $response, Throwable $error, Request $request): Response {
            $sentences = [
                403 => 'That is not yours to change.',
                404 => 'There is nothing at this address.',
                413 => 'That is too large to take in; at most 5 MB fit.',
                419 => 'This page was open too long. Load it again and repeat the last step; nothing else is lost.',
                429 => 'Too many tries. Wait a minute, then try again.',
                500 => 'Something went wrong on our side; what you entered before is kept. Try again.',
                503 => 'Eskith is being looked after and is back in a minute.',
            ];
            $status = $response->getStatusCode();
            if (! isset($sentences[$status]) || ($status === 500 && config('app.debug'))) {
                return $response;
            }
            if ($request->expectsJson() && ! $request->header('X-Inertia')) {
                return response()->json(['message' => $sentences[$status]], $status)->withHeaders(['Retry-After' => $response->headers->get('Retry-After')]);
            }

            return Inertia::render('Trouble', ['status' => $status, 'sentence' => $sentences[$status]])
                ->toResponse($request)->setStatusCode($status);
        });
    })
    ->create();

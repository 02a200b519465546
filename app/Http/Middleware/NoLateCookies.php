<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is asked beside the page sets no cookies: pages that the worker keeps, live answers, taps. An answer that comes after one
 * has signed out, or in again, must not bring the old session back.
 */
final class NoLateCookies
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if (self::isBeside($request)) {
            foreach ($response->headers->getCookies() as $cookie) {
                $response->headers->removeCookie($cookie->getName(), $cookie->getPath(), $cookie->getDomain());
            }
        }

        return $response;
    }

    private static function isBeside(Request $request): bool
    {
        if ($request->routeIs('outings.taps.store')) {
            return true;
        }

        return $request->isMethodSafe() && ! str_contains((string) $request->headers->get('Accept'), 'text/html')
            && in_array('auth', $request->route()?->gatherMiddleware() ?? [], true);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Sessions that are stored only once there is something to remember: a visitor who comes without a cookie is given an
 * id, but nothing is written for them. The form token of such a visit follows from its id, so that a form can be sent
 * all the same; where they wanted to go stands in a cookie.
 */
final class StartVisit extends StartSession
{
    /** Cookie with the address a visitor was sent away from to sign in. */
    public const WANTED = 'eskith_wanted';

    protected function startSession(Request $request, $session)
    {
        $session = parent::startSession($request, $session);
        if (array_keys($session->all()) === ['_token']) {
            $key = config('app.key');
            $session->put('_token', hash_hmac('sha256', $session->getId(), is_string($key) ? $key : ''));
        }

        return $session;
    }

    protected function handleStatefulRequest(Request $request, $session, \Closure $next)
    {
        $response = parent::handleStatefulRequest($request, $session, $next);
        $wanted = $session->get('url.intended');
        if (! $this->isRemembered($request) && is_string($wanted) && $response instanceof Response) {
            $response->headers->setCookie(Cookie::create(self::WANTED, $wanted, now()->addHour()));
        }

        return $response;
    }

    protected function saveSession($request): void
    {
        if (! $this->isRemembered($request)) {
            return;
        }
        try {
            parent::saveSession($request);
        } catch (Throwable $full) {
            // What was asked is done and answered; a disk that has no room for the visit must not turn that into a failure.
            report($full);
        }
    }

    private function isRemembered(Request $request): bool
    {
        return is_string($request->cookies->get($this->manager->driver()->getName())) || Auth::check();
    }
}

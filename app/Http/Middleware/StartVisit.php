<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Session\Store;
use Illuminate\Support\Arr;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use LogicException;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Sessions that are stored only when there is something to remember. A visitor who comes without a cookie is given an
 * id, but nothing is written for them. The form token of such a visit follows from its id, so that a form can be sent
 * all the same; where they wanted to go stands in a cookie. Of those who are known nothing is written while nothing
 * changes, but now and then, so that the session is seen to be alive.
 */
final class StartVisit extends StartSession
{
    /** Cookie with the address a visitor was sent away from to sign in. */
    public const WANTED = 'eskith_wanted';

    /** When the session was last stored, in the session itself. */
    private const STORED = '_stored_at';

    /** s after which one that did not change is stored again. */
    private const ALIVE = 600;

    /** What the session held as the request came in, with the request. */
    private const FOUND = 'session found';

    protected function startSession(Request $request, $session)
    {
        $session = parent::startSession($request, $session);
        if (array_keys($session->all()) === ['_token']) {
            $key = config('app.key');
            $session->put('_token', hash_hmac('sha256', $session->getId(), is_string($key) ? $key : ''));
        }
        $request->attributes->set(self::FOUND, $session->all());

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

    protected function storeCurrentUrl(Request $request, $session): void
    {
        if (! self::isAside($request)) {
            parent::storeCurrentUrl($request, $session);
        }
    }

    protected function saveSession($request): void
    {
        if (! $this->isRemembered($request)) {
            return;
        }
        $session = $this->visit();
        if (self::isAside($request)) {
            self::wantNothingElse($request, $session);
        }
        $storedAt = $session->get(self::STORED);
        if (! $this->hasChanged($request, $session) && is_int($storedAt) && Carbon::now()->getTimestamp() - $storedAt < self::ALIVE) {
            return;
        }
        if ($session instanceof Store && self::isAside($request)) {
            $session->reflash();
        }
        $session->put(self::STORED, Carbon::now()->getTimestamp());
        try {
            parent::saveSession($request);
        } catch (Throwable $full) {
            // What was asked is done and answered; a disk that has no room for the visit must not turn that into a failure.
            report($full);
        }
    }

    /** Where a visitor wanted to go is where they went themselves, not what was asked for beside the page. */
    private static function wantNothingElse(Request $request, Session $session): void
    {
        $found = $request->attributes->get(self::FOUND);
        $wanted = is_array($found) ? Arr::get($found, 'url.intended') : null;
        $wanted === null ? $session->forget('url.intended') : $session->put('url.intended', $wanted);
    }

    private function hasChanged(Request $request, Session $session): bool
    {
        $found = $request->attributes->get(self::FOUND);
        if (self::isAside($request)) {
            return Arr::except($session->all(), '_flash') !== Arr::except(is_array($found) ? $found : [], '_flash');
        }

        // What is flashed is gone after the next page: that is a change too.
        return $session->all() !== $found || $session->get('_flash.old', []) !== [] || $session->get('_flash.new', []) !== [];
    }

    /**
     * What is asked beside the page: by the page itself as it lives, or for later. Sentences that wait for the next page to be
     * told, such as why something was refused, are not told there, and go on waiting.
     */
    private static function isAside(Request $request): bool
    {
        return ! str_contains((string) $request->headers->get('Accept'), 'text/html') || $request->prefetch();
    }

    private function isRemembered(Request $request): bool
    {
        return is_string($request->cookies->get($this->visit()->getName())) || Auth::check();
    }

    private function visit(): Session
    {
        $session = $this->manager->driver();

        return $session instanceof Session ? $session : throw new LogicException('There is no session to start.');
    }
}

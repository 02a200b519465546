<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\DevelopmentScripts;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Headers of every answer, errors and redirects too: everything comes from here, styles only by file or nonce, nothing
 * is framed elsewhere, and what belongs to an angler is kept by no cache.
 */
final class SafeHeaders
{
    /** Attribute of the request under which a view finds the nonce for its own styles. */
    public const NONCE = 'style nonce';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = base64_encode(random_bytes(12));
        $request->attributes->set(self::NONCE, $nonce);
        $development = DevelopmentScripts::policy($nonce);
        $response = $next($request);
        $response->headers->add([
            'Content-Security-Policy' => "default-src 'self'; {$development}style-src 'self' 'nonce-{$nonce}'; img-src 'self' data:; "
                ."object-src 'none'; frame-ancestors 'self'; base-uri 'self'; form-action 'self'",
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'SAMEORIGIN',
            'Referrer-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), microphone=(), geolocation=(self), accelerometer=(self), gyroscope=(self), '
                .'screen-wake-lock=(self), magnetometer=(self), payment=(), usb=(), browsing-topics=()',
            'Cross-Origin-Opener-Policy' => 'same-origin',
        ]);
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        if (Auth::hasUser() || $response->headers->getCookies() !== [] || ! $response->isCacheable()) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }
        $response->headers->remove('X-Powered-By');

        return $response;
    }
}

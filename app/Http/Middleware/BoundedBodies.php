<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\BodyLimits;
use Closure;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Refuses what is larger than its address takes. */
final class BoundedBodies
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe() && BodyLimits::exceeds($request)) {
            throw new PostTooLargeException;
        }

        return $next($request);
    }
}

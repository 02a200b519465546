<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Refuses what ReadableText found, in one sentence and at its field. */
final class RefuseUnreadable
{
    /** @throws ValidationException when a field cannot be read */
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $field = $request->attributes->get(ReadableText::FAULT);
        if ($field === '') {
            abort(400);
        }
        if (is_string($field)) {
            throw ValidationException::withMessages([$field => $field === 'body'
                ? 'What was sent cannot be read; load the page again and repeat it.'
                : 'There are characters in this that cannot be read; type it anew.']);
        }

        return $next($request);
    }
}

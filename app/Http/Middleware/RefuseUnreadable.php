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
    /** Addresses that judge each of their entries by itself: one that cannot be read holds up no other. */
    private const ONE_BY_ONE = ['outings.taps.store' => 'taps.'];

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws ValidationException when a field cannot be read
     */
    public function handle(Request $request, Closure $next): Response
    {
        $field = $request->attributes->get(ReadableText::FAULT);
        $entries = self::ONE_BY_ONE[$request->route()?->getName() ?? ''] ?? null;
        if ($entries !== null && is_string($field) && str_starts_with($field, $entries)) {
            return $next($request);
        }
        if ($field === '') {
            abort(400);
        }
        if (is_string($field)) {
            throw ValidationException::withMessages([$field => $field === 'body'
                ? "What was sent can't be read. Load the page again and repeat it."
                : "There are characters in this that can't be read. Type it again."]);
        }

        return $next($request);
    }
}

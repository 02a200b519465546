<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Event;
use App\Models\Outing;
use Closure;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** An outing that is taken away takes nothing until it is back: neither itself nor what was logged in it. */
final class OutingsThatStand
{
    /** What may be done to one that is taken away: bringing it back, and taking it away once more. */
    private const ALLOWED = ['outings.back', 'outings.destroy'];

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws InvalidInput
     */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe() && ! $request->routeIs(...self::ALLOWED)) {
            foreach ($request->route()?->parameters() ?? [] as $bound) {
                $outing = $bound instanceof Event ? $bound->outing : $bound;
                if ($outing instanceof Outing && $outing->deleted_at !== null) {
                    throw InvalidInput::because('outing', 'This outing is taken away; bring it back first.');
                }
            }
        }

        return $next($request);
    }
}

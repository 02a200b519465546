<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Eskith\Telling\Kept\Coerce;
use Illuminate\Http\Middleware\TrustHosts;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;

/** Answers only under the names it is known by, so that a forged Host header steers no address that is made here. */
final class OwnHostsOnly extends TrustHosts
{
    /** @return list<string> patterns: of the application's own address, of this machine, and those of ESKITH_HOSTS */
    public function hosts(): array
    {
        $known = array_filter(array_map(
            static fn (string $one): string => (string) preg_replace('/:\d+$/D', '', trim($one)),
            explode(',', Coerce::text(config('eskith.hosts'))),
        ));
        $names = [(string) parse_url(Coerce::text(config('app.url')), PHP_URL_HOST), 'localhost', '127.0.0.1', '[::1]', ...$known];

        return array_map(
            static fn (string $name): string => '^'.str_replace('\*', '[a-z0-9-]+', preg_quote($name)).'$',
            array_values(array_filter($names)),
        );
    }

    public function handle(Request $request, $next)
    {
        return parent::handle($request, function (Request $request) use ($next): mixed {
            if (! $this->isOwnPort($request)) {
                throw new SuspiciousOperationException('The port named is not one that is answered on.');
            }
            // A form is sent back to where it came from: only to an address of our own, port included.
            $from = (string) $request->headers->get('referer');
            if (! str_starts_with("{$from}/", $request->getSchemeAndHttpHost().'/')) {
                $request->headers->remove('referer');
            }

            return $next($request);
        });
    }

    /** Addresses made here carry the port that the request names: it is the one that is answered on, or that of APP_URL or ESKITH_HOSTS. */
    private function isOwnPort(Request $request): bool
    {
        $named = (string) $request->headers->get('Host');
        if ($request->isFromTrustedProxy() || preg_match('/:\d+$/D', $named) !== 1) {
            return true;
        }
        $app = (string) preg_replace('~^https?://~', '', rtrim(Coerce::text(config('app.url')), '/'));
        $known = array_map(trim(...), explode(',', Coerce::text(config('eskith.hosts'))));

        return str_ends_with($named, ':'.Coerce::text($request->server('SERVER_PORT'))) || $named === $app
            || in_array($named, $known, true);
    }

    protected function shouldSpecifyTrustedHosts(): bool
    {
        return true;
    }
}

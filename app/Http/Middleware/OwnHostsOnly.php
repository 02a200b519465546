<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Rows\Raw;
use Illuminate\Http\Middleware\TrustHosts;
use Illuminate\Http\Request;

/** Answers only under the names it is known by, so that a forged Host header steers no address that is made here. */
final class OwnHostsOnly extends TrustHosts
{
    /** @return list<string> patterns: of the application's own address, of this machine, and those of ESKITH_HOSTS */
    public function hosts(): array
    {
        $known = array_filter(array_map(trim(...), explode(',', Raw::text(config('eskith.hosts')))));
        $names = [(string) parse_url(Raw::text(config('app.url')), PHP_URL_HOST), 'localhost', '127.0.0.1', '[::1]', ...$known];

        return array_map(
            static fn (string $name): string => '^'.str_replace('\*', '[a-z0-9-]+', preg_quote($name)).'$',
            array_values(array_filter($names)),
        );
    }

    public function handle(Request $request, $next)
    {
        return parent::handle($request, static function (Request $request) use ($next): mixed {
            // A form is sent back to where it came from: only to an address of our own.
            $from = parse_url((string) $request->headers->get('referer'), PHP_URL_HOST);
            if ($from !== null && $from !== $request->getHost()) {
                $request->headers->remove('referer');
            }

            return $next($request);
        });
    }

    protected function shouldSpecifyTrustedHosts(): bool
    {
        return true;
    }
}

<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Vite;

/**
 * The server of scripts that `bin/dev` runs beside this one, which reloads them as they are written. Only where APP_ENV is
 * local: in production nothing of it is looked at, whatever lies in the folder.
 */
final class DevelopmentScripts
{
    /** Says where `bin/dev` leaves the address of that server; elsewhere there is no such place. */
    public static function look(): void
    {
        Vite::useHotFile(App::isLocal() ? storage_path('dev/hot') : storage_path('dev/only-in-development'));
    }

    /** "http://127.0.0.1:5173"; null in production, and while no such server runs. */
    public static function origin(): ?string
    {
        return App::isLocal() && Vite::isRunningHot() ? rtrim(trim((string) file_get_contents(Vite::hotFile())), '/') : null;
    }

    /** What the security header admits for it beside what it admits anyway; '' where there is none. */
    public static function policy(string $nonce): string
    {
        $origin = self::origin();
        if ($origin === null) {
            return '';
        }
        // The page is told of changes over a socket; what reloads components is a script in the page, under the nonce.
        Vite::useCspNonce($nonce);

        return "script-src 'self' {$origin} 'nonce-{$nonce}'; font-src 'self' {$origin}; connect-src 'self' {$origin} "
            .preg_replace('/^http/', 'ws', $origin).'; ';
    }
}

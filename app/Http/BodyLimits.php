<?php

declare(strict_types=1);

namespace App\Http;

use App\Account\ArchiveReader;
use App\Account\LogFile;
use App\Rules\RuleFile;
use App\Tackle\BoxFile;
use Eskith\Core\Formats\PlacesFile;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Request as SymfonyRequest;

/** How much may be sent to an address, bytes: little before one has signed in, files only where files are taken. */
final class BodyLimits
{
    private const BEFORE_SIGN_IN = 64_000;

    private const USUAL = 1_000_000;

    /** What a form adds to the file in it. */
    private const FORM = 64_000;

    /** Largest file by the address that takes it. */
    private const FILES = [
        'waters/*/import' => PlacesFile::BYTES, 'box/preview' => BoxFile::BYTES, 'box/import' => BoxFile::BYTES,
        'rules/import' => RuleFile::BYTES, 'log' => LogFile::BYTES, 'account/archive' => ArchiveReader::PACKED,
    ];

    private const BY_GUESTS = ['sign-in', 'register', 'demo', 'forgot-password', 'reset-password', 'reset-password/*'];

    public static function of(Request $request): int
    {
        if ($request->cookies->count() === 0 || $request->is(...self::BY_GUESTS)) {
            return self::BEFORE_SIGN_IN;
        }
        foreach (self::FILES as $address => $bytes) {
            if ($request->is($address)) {
                return self::isForm($request) ? $bytes + self::FORM : self::USUAL;
            }
        }

        return self::USUAL;
    }

    /** Whether more came, or is said to come, than may. */
    public static function exceeds(Request $request): bool
    {
        $most = self::of($request);
        $said = $request->headers->get('Content-Length');

        return (is_numeric($said) && (float) $said > $most) || (! self::isForm($request) && strlen($request->getContent()) > $most);
    }

    /** "1 MB", "64 kB" */
    public static function inWords(Request $request): string
    {
        $bytes = self::of($request) - (self::isFile($request) ? self::FORM : 0);

        return $bytes >= 1_000_000 ? round($bytes / 1e6).' MB' : round($bytes / 1e3).' kB';
    }

    private static function isFile(Request $request): bool
    {
        return self::of($request) > self::USUAL;
    }

    private static function isForm(SymfonyRequest $request): bool
    {
        return str_starts_with((string) $request->headers->get('Content-Type'), 'multipart/form-data');
    }
}

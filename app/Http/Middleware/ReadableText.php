<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Eskith\Core\Formats\JsonBounds;
use Eskith\Core\Units\PlainText;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Looks through everything that came in as text, before any of it is trimmed or kept: bytes that are no text, control
 * characters and numbers beyond all bounds are found here and refused by RefuseUnreadable, which can answer in words.
 */
final class ReadableText
{
    /** Attribute of the request that names the field at fault: '' for the address. */
    public const FAULT = 'unreadable field';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $fault = self::faultOf($request);
        if ($fault !== null) {
            $request->attributes->set(self::FAULT, $fault);
        }

        return $next($request);
    }

    private static function faultOf(Request $request): ?string
    {
        if (! PlainText::isReadable(rawurldecode($request->getPathInfo()))) {
            return '';
        }
        foreach ($request->query->all() as $name => $value) {
            // An address carries single texts only.
            if (! is_string($value) || ! PlainText::isReadable((string) $name) || ! PlainText::isReadable($value)) {
                return '';
            }
        }
        if ($request->isMethodSafe()) {
            return null;
        }
        if ($request->isJson()) {
            $content = $request->getContent();
            $body = match (true) {
                $content === '' => [],
                JsonBounds::hold($content) => json_decode($content, true, JsonBounds::LEVELS + 1),
                default => null,
            };

            return is_array($body) ? self::fault($body) : 'body';
        }

        return self::fault($request->request->all());
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return string|null the path of the first field that cannot be read; null where all can
     */
    public static function fault(array $values, string $path = ''): ?string
    {
        foreach ($values as $name => $value) {
            $name = (string) $name;
            if (! PlainText::isReadable($name)) {
                return $path === '' ? 'body' : $path;
            }
            $at = $path === '' ? $name : "{$path}.{$name}";
            $bad = match (true) {
                is_string($value) => ! PlainText::isReadable($value),
                is_float($value) => ! is_finite($value),
                default => false,
            };
            if ($bad) {
                return $at;
            }
            $inner = is_array($value) ? self::fault($value, $at) : null;
            if ($inner !== null) {
                return $inner;
            }
        }

        return null;
    }
}
